<?php

// One edit of the 18-tie plan against an empty route, turn by turn on the same server.

[, $base] = $argv;

function request(CurlHandle $curl, string $url, ?array $post = null): array
{
    curl_setopt_array($curl, [CURLOPT_URL => $url, CURLOPT_HTTPGET => $post === null]);
    if ($post !== null) {
        curl_setopt_array($curl, [CURLOPT_POST => true, CURLOPT_POSTFIELDS => http_build_query($post)]);
    }
    $start = hrtime(true);
    $body = (string) curl_exec($curl);

    return [(hrtime(true) - $start) / 1e6, $body, curl_getinfo($curl, CURLINFO_HTTP_CODE)];
}

function field(string $name, string $html): string
{
    return preg_match('/name="'.$name.'" value="([^"]*)"/', $html, $found) === 1 ? $found[1] : throw new RuntimeException("The page has no $name.");
}

$curl = curl_init();
curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '', CURLOPT_HTTPHEADER => ['HX-Request: true']]);
[, $wall] = request($curl, "$base/plans");
$edited = function (string $name, string $address, array $written) use ($curl, $base, $wall, &$pages): float {
    preg_match("~/plans/\d+(?=\"[^>]*>$name)~", $wall, $found) === 1 || throw new RuntimeException("The demo has no $name.");
    $page = $pages[$name] ?? request($curl, $base.$found[0])[1];
    $next = $written[str_contains($page, 'value="'.$written[0].'"') ? 1 : 0];
    [$time, $page, $code] = request($curl, "$base$found[0]/edits", ['_token' => field('_token', $page), 'revision' => field('revision', $page), 'set' => [$address => $next]]);
    if ($code !== 200) {
        throw new RuntimeException("The edit answered $code.");
    }
    $pages[$name] = $page;

    return $time;
};
[$empty, $small, $large] = [[], [], []];
for ($i = 0; $i < 110; $i++) {
    $empty[] = request($curl, "$base/empty")[0];
    $small[] = $edited('Band door', 'parts.outer.length', ['18 1/2 in', '19 in']);
    $large[] = $edited('Pavilion, six layers', 'parts.l3.length', ['8 1/8 in', '8 1/4 in']);
}
$measured = ['an empty route' => &$empty, 'one edit of 18 ties, answered with the whole editor' => &$small, 'one edit of 128 ties and six layers' => &$large];
foreach ($measured as $words => &$times) {
    $times = array_slice($times, 10);
    sort($times);
    printf("%-52s median %6.2f ms   95th %6.2f ms   (100 requests)\n", $words, $times[50], $times[95]);
}
printf("one edit of 18 ties takes %.1f times as long as an empty route (aim: at most 3)\n", $small[50] / $empty[50]);
