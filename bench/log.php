<?php

/** How long the log takes as it grows: writing in a piece with all that is learned anew, its pages, and as a file out and in. */

use App\Http\Controllers\LearningController;
use App\Http\Controllers\LogController;
use App\Log\Book;
use App\Log\LogExport;
use App\Log\LogImport;
use App\Log\Writing;
use App\Models\LogEntry;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

require __DIR__.'/../vendor/autoload.php';
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$milliseconds = function (callable $work): float {
    $start = hrtime(true);
    $work();

    return (hrtime(true) - $start) / 1e6;
};
$grow = function (int $to): void {
    DB::transaction(function () use ($to): void {
        /** @var list<LogEntry> $there */
        $there = LogEntry::query()->limit(16)->get()->all();
        for ($count = LogEntry::query()->count(); $count < $to; $count++) {
            $there[$count % count($there)]->replicate()->fill(['build_id' => null, 'made_on' => sprintf('20%02d-03-08', $count % 26)])->save();
        }
    });
};
$file = function (Request $request): string {
    ob_start();
    LogExport::json(LogExport::parts(Book::asked($request)), 1)->sendContent();

    return (string) ob_get_clean();
};
foreach ([16, 200, 1000] as $size) {
    $grow($size);
    /** @var LogEntry $entry */
    $entry = LogEntry::query()->orderBy('id')->firstOrFail();
    $request = Request::create('/log');
    printf(
        "log of %4d pieces: a blank written and learned from %5.0f ms, the book %4.0f ms, what it taught %4.0f ms, how good estimates are %5.0f ms\n",
        $size,
        $milliseconds(fn () => Writing::in($entry, ['entry.depth' => '4 1/2 in'])),
        $milliseconds(fn () => app(LogController::class)->index($request)->render()),
        $milliseconds(fn () => app(LearningController::class)->index()->render()),
        $milliseconds(fn () => app(LearningController::class)->accuracy()->render()),
    );
}
$bytes = '';
$out = $milliseconds(function () use ($file, &$bytes): void {
    $bytes = $file(Request::create('/log?year=2010'));
});
$many = LogEntry::query()->where('made_on', 'like', '2010%')->count();
LogEntry::query()->where('made_on', 'like', '2010%')->forceDelete();
printf(
    "log as a file: %d pieces out in %.0f ms (%.0f kB), in again in %.0f ms\n",
    $many,
    $out,
    strlen($bytes) / 1000,
    $milliseconds(fn () => LogImport::of($bytes)),
);
