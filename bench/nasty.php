<?php

/**
 * Plan files that are valid and as hard as the schema lets them be (tests/Core/NastyPlans.php), each worked out by plan:compute in a
 * process of its own: the slowest, and the one that takes the most memory.
 */

use Symfony\Component\Process\Process;
use Tests\Core\NastyPlans;

require __DIR__.'/../vendor/autoload.php';

$file = (string) tempnam(sys_get_temp_dir(), 'nasty');
[$times, $memory] = [[], []];
foreach (NastyPlans::all() as $name => $document) {
    file_put_contents($file, NastyPlans::file($document));
    $from = hrtime(true);
    $process = new Process([PHP_BINARY, '-d', 'memory_limit=512M', 'artisan', 'plan:compute', $file, '--memory'], dirname(__DIR__), timeout: 120);
    $process->mustRun();
    $times[$name] = (hrtime(true) - $from) / 1e9;
    $memory[$name] = (int) trim($process->getErrorOutput());
}
unlink($file);
arsort($times);
arsort($memory);
$sorted = array_values($times);
printf("nasty plans, %d: median %.2f s, slowest %.2f s (%s), most memory %d MB (%s)\n", count($times), $sorted[intdiv(count($sorted), 2)], $sorted[0], array_key_first($times), max($memory), array_key_first($memory));
