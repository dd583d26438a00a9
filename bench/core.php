<?php

// How long the core takes to work out the 18-tie plan, and the same when a remedy has to be sought.

use Davrin\Core\Craft;
use Davrin\Core\Engine\Engine;
use Davrin\Core\PlanFile\PlanFile;

require __DIR__.'/../vendor/autoload.php';

$files = new PlanFile(Craft::standard());
$engine = Engine::standard(Craft::standard());

foreach (['band-door-teal-and-gold' => '18 ties, fits', 'garden-club-bee-stall' => '15 ties, with remedies'] as $name => $words) {
    $bytes = (string) file_get_contents(__DIR__."/../database/demo/$name.json");
    $times = [];
    for ($i = 0; $i < 220; $i++) {
        $start = hrtime(true);
        json_encode($engine->work($files->reopen($bytes)));
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    $times = array_slice($times, 20);
    sort($times);
    printf("core recompute, %-24s median %6.2f ms   95th %6.2f ms   (200 runs)\n", $words, $times[100], $times[190]);
}
