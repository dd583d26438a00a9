<?php

/** How long the bench takes: a walk over a plan, its page, a hundred ticks, and the ways out of a roll that gave out. */

use App\Bench\BenchPage;
use App\Bench\StartBuild;
use App\Bench\WrongPage;
use App\Models\SavedPlan;
use Davrin\Core\Bench\CopyOrder;
use Davrin\Core\Bench\Mark;
use Davrin\Core\Bench\WalkOrder;
use Davrin\Core\Words\Words;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Carbon;

require __DIR__.'/../vendor/autoload.php';
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$milliseconds = function (callable $work): float {
    $start = hrtime(true);
    $work();

    return (hrtime(true) - $start) / 1e6;
};
foreach (['Band door, teal and gold' => 1, 'Fair gate, three strands' => 1, 'Bandstand, bundles' => 2, 'Pavilion, six layers' => 3] as $name => $copies) {
    $plan = SavedPlan::query()->where('name', $name)->firstOrFail();
    $build = null;
    $begin = $milliseconds(function () use ($plan, $copies, &$build): void {
        $build = StartBuild::of($plan, $copies, WalkOrder::ByStep, CopyOrder::OneByOne)[0];
    });
    $units = $build->version()->units;
    $page = $milliseconds(fn (): string => view('bench.show', ['page' => new BenchPage($build->refresh())])->render());
    // One by one, as they come from a browser, each written through to the disk.
    $ticks = $milliseconds(function () use ($build, $units): void {
        foreach (array_slice($units, 0, 100) as $at => $unit) {
            $build->take([['token' => "bench-$build->id-$at", 'unit' => $unit, 'deed' => Mark::Done, 'seconds' => 1, 'note' => '', 'made_at' => new Carbon]]);
        }
    });
    $wrong = null;
    $ways = $milliseconds(function () use ($build, &$wrong): void {
        $wrong = WrongPage::of($build, null, 'gave-out', []);
    });
    printf(
        "build %-26s %5d to do: begun %5.0f ms, page %5.0f ms, a tick %4.1f ms, %s out of a roll that gave out %5.0f ms\n",
        $name.($copies > 1 ? " x $copies" : ''),
        count($units),
        $begin,
        $page,
        $ticks / 100,
        Words::count(count($wrong->ways), 'way'),
        $ways,
    );
}
