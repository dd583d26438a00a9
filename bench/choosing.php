<?php

/** How long it takes to vary a figure and to find what can be made of the demo's shelf, in the core alone. */

use App\Settings\House;
use App\Suggest\FromTheShelf;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\Suggest\Search;
use Davrin\Core\Suggest\Wishes;
use Davrin\Core\Vary\Sweep;
use Davrin\Core\Vary\Varied;
use Illuminate\Contracts\Console\Kernel;

require __DIR__.'/../vendor/autoload.php';
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
[$craft, $reader, $engine] = [app(Craft::class), app(PlanReader::class), app(Engine::class)];

foreach ([['fair-gate-three-strands', 'parts.l1.pitch', '4 in', '10 1/8 in'], ['bandstand-bundles', 'parts.l1.length', '5 in', '11 1/8 in']] as [$name, $figure, $from, $to]) {
    $plan = app(PlanFile::class)->read((string) file_get_contents(database_path("demo/$name.json")));
    // Once before, as a server has answered before.
    foreach ([1, 2] as $turn) {
        $start = hrtime(true);
        $sweep = Sweep::of($plan, Varied::named($plan, $figure), $engine, $reader, $from, $to, '1/8 in');
    }
    printf("vary %-28s %3d steps %8.0f ms\n", $name, count($sweep->points), (hrtime(true) - $start) / 1e6);
}

$house = app(House::class);
foreach (['usual' => [], 'any' => ['skill' => 'beginner'], 'usual, to buy' => ['buy' => 2, 'first' => 'scraps']] as $form => $wished) {
    $wishes = Wishes::read($wished, $house->currency());
    $given = FromTheShelf::given($house, explode(',', $form)[0], []);
    $start = hrtime(true);
    $search = Search::over($craft, $reader, $engine, $wishes, $given);
    $at = 0;
    $fits = 0;
    $first = null;
    while ($at < $search->count()) {
        $stretch = $search->stretch($at, fn (): bool => false);
        [$at, $fits] = [$stretch->next, $fits + count($stretch->found)];
        $first ??= $fits > 0 ? (hrtime(true) - $start) / 1e6 : null;
    }
    printf(
        "suggest, %-14s %3d ways, %3d fit: first after %5.0f ms, all after %5.0f ms, %3.0f MB\n",
        $form,
        $at,
        $fits,
        $first ?? 0.0,
        (hrtime(true) - $start) / 1e6,
        memory_get_peak_usage(true) / 1e6,
    );
}
