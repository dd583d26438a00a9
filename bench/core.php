<?php

// How long the core takes to work out the 18-tie plan, the same when a remedy has to be sought, and larger ones with remedies.
// Each time it begins with nothing remembered, as a request does.

use Davrin\Core\Craft\Craft;
use Davrin\Core\Engine\Engine;
use Davrin\Core\PlanFile\PlanFile;

require __DIR__.'/../vendor/autoload.php';

$plans = [
    'band-door-teal-and-gold' => '18 ties, fits',
    'garden-club-bee-stall' => '15 ties, remedies',
    'fair-gate-three-strands' => '48 ties, 144 poofs, remedies',
    'pavilion-six-layers' => '128 ties, 208 pieces in six layers, a remedy',
];
foreach ($plans as $name => $words) {
    $bytes = (string) file_get_contents(__DIR__."/../database/demo/$name.json");
    $times = [];
    for ($i = 0; $i < 120; $i++) {
        [$files, $engine] = [new PlanFile(Craft::standard()), Engine::standard(Craft::standard())];
        $start = hrtime(true);
        json_encode($engine->work($files->reopen($bytes)));
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    $times = array_slice($times, 20);
    sort($times);
    printf("core recompute, %-44s median %6.2f ms   95th %6.2f ms   (100 runs)\n", $words, $times[50], $times[95]);
}
