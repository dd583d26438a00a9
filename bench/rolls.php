<?php

declare(strict_types=1);

/**
 * How well rolls are planned, and how fast, next to an exact solver: glpsol on an arc-flow model (each roll a path through the
 * lengths from its free end), 60 seconds an instance. The instances come from fixed seeds. SOLVED=n says how many of each kind
 * the solver is asked for, PLANNED=n how many Davrin plans.
 */

use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Element;
use Davrin\Core\Demand\Run;
use Davrin\Core\Demand\Step;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Money;
use Davrin\Core\Roll\Packing\Packed;
use Davrin\Core\Roll\Packing\Packer;
use Davrin\Core\Roll\Packing\PackingTask;
use Davrin\Core\Roll\Packing\RollKind;
use Davrin\Core\Roll\RollPlanner;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Supply\Stock;
use Davrin\Core\Supply\Supply;

require __DIR__.'/../vendor/autoload.php';

const INCH = 4064;
const LIMIT = 60;

/** 2 to 8 lengths of 6 to 36 in by the half inch, 10 to 300 pieces, rolls of 5 or 10 yd to buy, up to 6 part rolls. */
function realistic(Random\Randomizer $chance): PackingTask
{
    $lengths = [];
    for ($kinds = $chance->getInt(2, 8); count($lengths) < $kinds;) {
        $lengths[$chance->getInt(12, 72) * INCH / 2] = 1;
    }
    for ($more = $chance->getInt(10, 300) - count($lengths); $more > 0; $more--) {
        $lengths[$chance->pickArrayKeys($lengths, 1)[0]]++;
    }
    $roll = $chance->getInt(1, 2) * 180;
    $rolls = [new RollKind($roll * INCH, null, 650, true)];
    for ($parts = $chance->getInt(0, 6); $parts > 0; $parts--) {
        $rolls[] = new RollKind($chance->getInt(24, 2 * $roll - 24) * INCH / 2, 1);
    }

    return PackingTask::of($lengths, $rolls, 6 * INCH);
}

/** The classic recipe for hard ones: 120 sizes between 20 and 100, as they come, into 150. */
function uniform(Random\Randomizer $chance): PackingTask
{
    $lengths = [];
    for ($piece = 0; $piece < 120; $piece++) {
        $size = $chance->getInt(20, 100) * INCH;
        $lengths[$size] = ($lengths[$size] ?? 0) + 1;
    }

    return PackingTask::of($lengths, [new RollKind(150 * INCH, null, 650, true)]);
}

/** The other one: 20 times three that fill 1000 without a rest. */
function triplets(Random\Randomizer $chance): PackingTask
{
    $lengths = [];
    for ($roll = 0; $roll < 20; $roll++) {
        $first = $chance->getInt(380, 490);
        $second = $chance->getInt(250, intdiv(1000 - $first - 1, 2));
        foreach ([$first, $second, 1000 - $first - $second] as $size) {
            $lengths[$size * INCH] = ($lengths[$size * INCH] ?? 0) + 1;
        }
    }

    return PackingTask::of($lengths, [new RollKind(1000 * INCH, null, 650, true)]);
}

/** 2 to 4 lengths, and 15 to 40 full rolls on the shelf, hardly two of them as long as each other, beside new ones to buy. */
function manyRows(Random\Randomizer $chance): PackingTask
{
    $lengths = [];
    for ($kinds = $chance->getInt(2, 4); count($lengths) < $kinds;) {
        $lengths[$chance->getInt(120, 400) * INCH / 2] = $chance->getInt(5, 30);
    }
    $rolls = [new RollKind(360 * INCH, null, 650, true)];
    for ($rows = $chance->getInt(15, 40); $rows > 0; $rows--) {
        $rolls[] = new RollKind($chance->getInt(680, 780) * INCH / 2, 1, 0, true);
    }

    return PackingTask::of($lengths, $rolls, 6 * INCH);
}

/** 40 rolls that are on hand in three lengths, cut into 2 to 4 pieces each without a rest. */
function exactFits(Random\Randomizer $chance): PackingTask
{
    $lengths = $rolls = [];
    foreach ([14, 13, 13] as $count) {
        $length = $chance->getInt(600, 760);
        $rolls[] = new RollKind($length * INCH / 2, $count, 0, true);
        for ($roll = 0; $roll < $count; $roll++) {
            for ($left = $length, $parts = $chance->getInt(2, 4); $parts > 0; $left -= $size, $parts--) {
                $size = $parts === 1 ? $left : $chance->getInt(60, intdiv($left, $parts));
                $lengths[$size * INCH / 2] = ($lengths[$size * INCH / 2] ?? 0) + 1;
            }
        }
    }

    return PackingTask::of($lengths, $rolls);
}

/** What a choice of rolls costs, as one number: money first, then how many are opened. */
function cost(int $money, int $opened): int
{
    return $money * 1000 + $opened;
}

/** What the rolls cost that are needed, in the format that glpsol reads. */
function model(PackingTask $task): string
{
    $longest = max($task->rooms);
    // Longest first along each roll: a size begins only where sizes no shorter end.
    [$arcs, $reached] = [[], [0 => true]];
    foreach ($task->sizes as $index => $size) {
        $its = [];
        foreach (array_keys($reached) as $at) {
            for ($times = 0; $times < $task->counts[$index] && $at + $size <= $longest; $times++, $at += $size) {
                $its[$at] = true;
                $reached[$at + $size] = true;
            }
        }
        foreach (array_keys($its) as $at) {
            $arcs[] = [$index, $at, $at + $size];
        }
    }
    $ends = array_keys($reached);
    sort($ends);
    [$in, $out, $of] = [[], [], []];
    foreach ($arcs as $number => [$index, $from, $to]) {
        $out[$from][] = "x$number";
        $in[$to][] = "x$number";
        $of[$index][] = "x$number";
    }
    $lines = [];
    foreach ($ends as $place => $at) {
        // What is not cut on is left over from here on; a roll ends at the last place that it reaches.
        if ($place + 1 < count($ends)) {
            $out[$at][] = "w$at";
            $in[$ends[$place + 1]][] = "w$at";
        }
    }
    $starts = [];
    foreach ($task->rooms as $kind => $room) {
        $last = max(array_filter($ends, fn (int $at): bool => $at <= $room));
        $out[$last][] = "z$kind";
        $starts[] = "z$kind";
    }
    foreach ($ends as $at) {
        $lines[] = "c$at: ".implode(' + ', $at === 0 ? $starts : $in[$at]).(isset($out[$at]) ? ' - '.implode(' - ', $out[$at]) : '').' = 0';
    }
    foreach ($task->counts as $index => $count) {
        $lines[] = "d$index: ".implode(' + ', $of[$index])." >= $count";
    }
    $bounds = [];
    foreach ($task->kinds as $kind => $its) {
        $bounds[] = "0 <= z$kind <= ".($its->count ?? array_sum($task->counts));
    }
    $whole = array_map(fn (int $number): string => "x$number", array_keys($arcs));

    $costs = array_map(fn (RollKind $its): int => cost($its->price, (int) $its->opens), $task->kinds);

    return "Minimize\n obj: ".wordwrap(implode(' + ', array_map(fn (int $kind, int $cost): string => "$cost z$kind", array_keys(array_filter($costs)), array_filter($costs))), 400)
        ."\nSubject To\n ".implode("\n ", array_map(fn (string $line): string => wordwrap($line, 400), $lines))
        ."\nBounds\n ".implode("\n ", $bounds)
        ."\nGenerals\n ".wordwrap(implode(' ', [...$whole, ...$starts]), 400)."\nEnd\n";
}

/** @return array{?int, float} the least cost, null where it ran out of time; and seconds */
function solved(PackingTask $task, string $folder): array
{
    file_put_contents("$folder/model.lp", model($task));
    $from = hrtime(true);
    exec(sprintf('glpsol --lp %1$s/model.lp --tmlim %2$d --cuts --fpump -w %1$s/out.txt 2>&1', escapeshellarg($folder), LIMIT), $said, $code);
    $seconds = (hrtime(true) - $from) / 1e9;
    $proven = preg_match('/^s mip \d+ \d+ o ([\d.e+]+)/m', (string) @file_get_contents("$folder/out.txt"), $found) === 1;
    @unlink("$folder/out.txt");

    return [$proven ? (int) round((float) $found[1]) : null, $seconds];
}

function median(array $values): float
{
    sort($values);

    return $values === [] ? NAN : (float) $values[intdiv(count($values), 2)];
}

/** A run of poofs and pieces beside it, small enough to try everything: poofs, pitch, pieces, part rolls, new rolls; in inches, tails of 2. */
function besideRun(Random\Randomizer $chance): array
{
    $some = fn (int $most, int $from, int $to): array => array_map(fn (): int => $chance->getInt($from, $to), array_fill(0, $chance->getInt(0, $most), 0));

    return [$chance->getInt(1, 8), $chance->getInt(2, 4), $some(3, 2, 10), $some(3, 4, 20), $chance->getInt(12, 24)];
}

/** @param  list<int>  $rolls */
function holds(int $poofs, int $pitch, array $pieces, array $rolls, int $from = 0): bool
{
    if ($poofs > 0) {
        for ($roll = $from; $roll < count($rolls); $roll++) {
            for ($here = min($poofs, intdiv(max(0, $rolls[$roll] - 4), $pitch)); $here > 0; $here--) {
                if (holds($poofs - $here, $pitch, $pieces, array_replace($rolls, [$roll => $rolls[$roll] - 4 - $here * $pitch]), $roll + 1)) {
                    return true;
                }
            }
        }

        return false;
    }
    $piece = array_pop($pieces);
    foreach ($piece === null ? [] : $rolls as $roll => $left) {
        if ($left >= $piece && holds(0, $pitch, $pieces, array_replace($rolls, [$roll => $left - $piece]))) {
            return true;
        }
    }

    return $piece === null;
}

/** @return array{bool, bool} whether a plan of it opens a roll more than it must, and whether it is proven */
function plannedBesideRun(int $poofs, int $pitch, array $pieces, array $parts, int $new): array
{
    $tail = Length::inches(2);
    $run = new Run('r', ['m'], $tail, array_map(fn (int $n): Step => new Step(new Element("r.$n", 'r', $n, [$n, $n + 1]), $n, $n + 1, Length::zero(), Length::inches($pitch)), range(1, $poofs)), $tail);
    $cuts = array_map(fn (int $index): Cut => new Cut(Element::onTie('p', $index, $index), 'm', Length::inches($pieces[$index])), array_keys($pieces));
    $stock = fn (Origin $origin, int $length, ?int $count): Stock => new Stock($origin, Length::inches($length), Length::inches($length), $count, $origin === Origin::New ? 650 : 0);
    $supply = new Supply([...array_map(fn (int $part): Stock => $stock(Origin::Part, $part, 1), $parts), $stock(Origin::New, $new, null)], false, false, Length::inches(6));
    $plan = (new RollPlanner)->plan([$run], $cuts, ['m' => $supply])['m'];
    $plan = $plan->provenBy((new RollPlanner)->proof([$run], $cuts, 'm', $supply, ['m' => $plan]));

    return [$plan->opened() > 0 && holds($poofs, $pitch, $pieces, [...$parts, ...array_fill(0, $plan->opened() - 1, $new)]), $plan->isProvenBest()];
}

$folder = sys_get_temp_dir().'/rolls-'.getmypid();
mkdir($folder);
$hasSolver = trim((string) shell_exec('command -v glpsol')) !== '';
echo 'rolls', $hasSolver ? '' : ' (glpsol is not here: Davrin alone)', "\n";
foreach (['realistic' => [realistic(...), 300, 30], 'hard, uniform' => [uniform(...), 40, 8], 'hard, triplets' => [triplets(...), 40, 8], 'many rows' => [manyRows(...), 60, 8], 'exact fits' => [exactFits(...), 20, 0]] as $name => [$make, $plans, $asks]) {
    [$planned, $times] = [[], []];
    for ($seed = 1; $seed <= (int) (getenv('PLANNED') ?: $plans); $seed++) {
        $task = $make(new Random\Randomizer(new Random\Engine\Mt19937($seed)));
        $from = hrtime(true);
        $planned[$seed] = Packer::pack($task);
        $times[$seed] = (hrtime(true) - $from) / 1e6;
    }
    $sorted = $times;
    sort($sorted);
    printf(
        "  %-15s %3d planned: median %.1f ms, slowest twentieth from %.0f ms; %.1f %% proven best by Davrin, %.0f MB at most\n",
        $name, count($planned), median($times), $sorted[(int) (0.95 * count($sorted))],
        100 * count(array_filter($planned, fn (Packed $packed): bool => $packed->isProven())) / count($planned), memory_get_peak_usage() / 1e6,
    );
    [$solver, $same, $over, $unknown, $ratios] = [[], 0, 0, 0, []];
    for ($seed = 1; $hasSolver && $asks > 0 && $seed <= min(count($planned), (int) (getenv('SOLVED') ?: $asks)); $seed++) {
        [$least, $seconds] = solved($make(new Random\Randomizer(new Random\Engine\Mt19937($seed))), $folder);
        $solver[] = $seconds * 1000;
        $ratios[] = $seconds * 1000 / $times[$seed];
        match (true) {
            $least === null => $unknown++,
            $least === cost($planned[$seed]->money, $planned[$seed]->opened) => $same++,
            default => $over = max($over, cost($planned[$seed]->money, $planned[$seed]->opened) % 1000 - $least % 1000),
        };
    }
    if ($solver !== []) {
        printf(
            "  %-15s %3d solved: median %.0f ms; as few rolls in %d of %d that it solved, %d at most over, %d unknown within %d s; Davrin %.0f times as fast in the median\n",
            '', count($solver), median($solver), $same, count($solver) - $unknown, $over, $unknown, LIMIT, median($ratios),
        );
    }
}
array_map(unlink(...), glob("$folder/*") ?: []);
rmdir($folder);
[$over, $proven, $false] = [0, 0, 0];
for ($seed = 1, $chance = new Random\Randomizer(new Random\Engine\Mt19937(1)); $seed <= 3000; $seed++) {
    [$isOver, $isProven] = plannedBesideRun(...besideRun($chance));
    [$over, $proven, $false] = [$over + (int) $isOver, $proven + (int) $isProven, $false + (int) ($isOver && $isProven)];
}
printf("  runs beside pieces, 3000 small ones: %d a roll too many, %.1f %% proven, %d of them falsely\n", $over, $proven / 30, $false);
