<?php

/**
 * What PHP's own server asks for each request: files under public/ are given out here, with the headers that every answer bears; all else
 * goes to Laravel.
 */

require __DIR__.'/../app/Http/Hosts.php';
require __DIR__.'/../app/Http/Headers.php';

const KINDS = ['css' => 'text/css; charset=utf-8', 'js' => 'text/javascript; charset=utf-8', 'svg' => 'image/svg+xml', 'woff2' => 'font/woff2', 'png' => 'image/png', 'txt' => 'text/plain; charset=utf-8', 'json' => 'application/json', 'ico' => 'image/x-icon'];

$public = (string) realpath(__DIR__.'/../public');
$path = rawurldecode((string) parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH));
// A name with a zero byte is no file's, and realpath() would throw.
$file = str_contains($path, "\0") ? false : realpath($public.$path);
$kind = KINDS[pathinfo((string) $file, PATHINFO_EXTENSION)] ?? null;
$host = preg_replace('/:\d+$/', '', $_SERVER['HTTP_HOST'] ?? '');
if ($file === false || $kind === null || ! is_file($file) || ! str_starts_with($file, "$public/") || ! App\Http\Hosts::isOurs((string) $host, (string) getenv('DAVRIN_HOSTS'))) {
    require $public.'/index.php';

    return;
}
foreach (App\Http\Headers::ALL as $name => $value) {
    header("$name: $value");
}
header("Content-Type: $kind");
$content = (string) file_get_contents($file);
if (preg_match('~^(text/|image/svg|application/json)~', $kind) === 1) {
    header('Vary: Accept-Encoding');
    if (preg_match('/\bgzip\b/', $_SERVER['HTTP_ACCEPT_ENCODING'] ?? '') === 1) {
        header('Content-Encoding: gzip');
        $content = (string) gzencode($content, 6);
    }
}
header('Content-Length: '.strlen($content));
// What is built bears a name of its own for every content.
header('Cache-Control: '.(str_starts_with($file, "$public/build/assets/") ? 'public, max-age=31536000, immutable' : 'public, max-age=3600'));
if ($_SERVER['REQUEST_METHOD'] !== 'HEAD') {
    echo $content;
}
