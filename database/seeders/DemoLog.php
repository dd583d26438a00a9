<?php

namespace Database\Seeders;

use App\Log\NewEntry;
use App\Log\Writing;
use App\Models\Build;
use App\Models\LogEntry;
use App\Models\SavedPlan;
use Davrin\Core\Log\RollTruth;
use Davrin\Core\Log\WorkTime;

/** The demo's log: a year of pieces that were measured, which teach how large, how full and how quickly the two of them really work. */
final class DemoLog
{
    /**
     * By plan and day: what is written in the sentences, how long kinds of work took, what rolls held in their order, what was spoiled.
     *
     * @var list<array{string, string, array<string, string>, array<string, string>, list<string>, array<string, string>}>
     */
    private const PIECES = [
        ['band-door-teal-and-gold', '2025-11-08', ['occasion' => 'the marching band', 'wide' => '22 1/2 in', 'opening' => '1 1/2 in', 'depth' => '4 3/4 in', 'verdict' => 'usual', 'soldFor' => '36', 'soldAt' => 'Over the counter'], ['ties' => '4.6', 'ruffles' => '15.8', 'fluffing' => '12'], [], ['teal' => '0', 'gold' => '19 in']],
        ['fair-gate-three-strands', '2025-11-22', ['copies' => '2', 'occasion' => 'the fair', 'wide' => '17 1/2 in', 'verdict' => 'very full', 'soldFor' => '44', 'soldAt' => 'The fair'], ['poofs' => '62'], ['176 in', '178 in', '179 in', '175 in'], []],
        ['garden-club-bee-stall', '2026-03-14', ['occasion' => 'the garden club', 'wide' => '22 in', 'depth' => '4 1/2 in', 'verdict' => 'usual', 'otherwise' => 'leave the bees until the mesh is fluffed', 'soldFor' => '32', 'soldAt' => 'The market hall'], ['ties' => '4.5', 'ruffles' => '13.1', 'fluffing' => '11'], [], ['m1' => '0']],
        ['kite-festival-in-turn', '2026-04-18', ['occasion' => 'the kite festival', 'wide' => '20 1/4 in', 'verdict' => 'thin'], ['ties' => '4.1', 'ruffles' => '14.6', 'fluffing' => '14'], [], []],
        ['kite-festival-in-turn', '2026-04-25', ['occasion' => 'the kite festival', 'wide' => '20 1/2 in', 'verdict' => 'thin', 'otherwise' => 'cut 20 in, the wires show between the colours'], ['ties' => '4.2', 'ruffles' => '14.2'], [], []],
        ['town-hall-wide-poofs', '2026-05-02', ['occasion' => 'the town hall', 'wide' => '25 1/2 in', 'depth' => '6 in', 'verdict' => 'usual', 'soldFor' => '38', 'soldAt' => 'Over the counter'], ['poofs' => '15'], [], []],
        ['bandstand-bundles', '2026-05-30', ['occasion' => 'the bandstand', 'wide' => '22 1/4 in', 'opening' => '4 in', 'verdict' => 'very full', 'otherwise' => 'take 8 in pieces: the last ones had no room', 'soldFor' => '42', 'soldAt' => 'Over the counter'], ['bundles' => '56'], ['357 in', '358 in', '300 in'], ['teal' => '20 in']],
        ['band-door-teal-and-gold', '2026-06-12', ['copies' => '2', 'occasion' => 'the marching band', 'wide' => '22 in', 'verdict' => 'usual', 'soldFor' => '38', 'soldAt' => 'Over the counter'], ['ties' => '9.4', 'ruffles' => '30.6'], [], []],
        ['kite-festival-star', '2026-06-20', ['occasion' => 'the kite festival', 'wide' => '26 1/2 in', 'high' => '25 3/4 in', 'verdict' => 'usual', 'soldFor' => '55', 'soldAt' => 'The fair'], ['overlapped ruffles' => '52'], [], []],
        ['library-reading-week', '2026-07-05', ['occasion' => 'the library', 'wide' => '16 1/2 in', 'verdict' => 'thin', 'otherwise' => 'run it round twice, the wires show'], ['poofs' => '17'], [], []],
        ['bandstand-bundles', '2026-08-01', ['occasion' => 'the bandstand', 'wide' => '22 in', 'opening' => '4 1/4 in', 'depth' => '6 1/2 in', 'verdict' => 'very full', 'soldFor' => '46', 'soldAt' => 'The fair'], ['bundles' => '53.5'], ['356 in'], []],
        ['barn-wedding-part-rolls', '2026-08-15', ['occasion' => 'the barn wedding', 'wide' => '22 3/4 in', 'depth' => '6 in', 'verdict' => 'usual', 'soldFor' => '44', 'soldAt' => 'The market hall'], ['ties' => '4.7', 'ruffles' => '16.4', 'fluffing' => '12.5'], [], ['sage' => '9 in']],
        ['band-leaders-hat', '2026-09-05', ['occasion' => 'the marching band', 'wide' => '25 in', 'high' => '17 in', 'verdict' => 'usual', 'soldFor' => '48', 'soldAt' => 'Over the counter'], ['bundles' => '22.5'], [], []],
        ['garden-club-bee-stall', '2026-10-03', ['copies' => '3', 'occasion' => 'the garden club', 'wide' => '31 in', 'verdict' => 'usual', 'soldFor' => '34', 'soldAt' => 'The market hall'], ['ties' => '13.2', 'ruffles' => '40.5'], [], []],
        ['town-hall-wide-poofs', '2026-10-31', ['occasion' => 'the town hall', 'wide' => '26 in', 'verdict' => 'usual', 'soldFor' => '40', 'soldAt' => 'Over the counter'], ['poofs' => '14.2'], [], []],
    ];

    /** What the last piece off the bench was measured at. */
    private const FROM_THE_BENCH = ['entry.wide' => '21 in', 'entry.depth' => '2 3/4 in', 'entry.weight' => '610 g', 'entry.verdict' => 'usual', 'entry.occasion' => 'the library', 'entry.soldFor' => '62', 'entry.soldAt' => 'Over the counter'];

    /** @param  array<string, SavedPlan>  $plans  by the name of their file */
    public static function keep(array $plans, Build $finished): void
    {
        foreach (self::PIECES as [$plan, $day, $sheet, $minutes, $rolls, $spoiled]) {
            $entry = NewEntry::byHand($plans[$plan], $day);
            // How many were made before the minutes, which are for all of them.
            $sheet = array_intersect_key($sheet, ['copies' => 1]) + $sheet;
            $typed = [];
            foreach ($sheet as $key => $text) {
                $typed["entry.$key"] = $text;
            }
            Writing::in($entry, $typed + self::minutes($entry, $minutes) + self::rolls($entry, $rolls) + self::spoiled($entry, $spoiled));
        }
        Writing::in(NewEntry::ofBuild($finished), self::FROM_THE_BENCH);
    }

    /**
     * @param  array<string, string>  $minutes  by kind of work
     * @return array<string, string>
     */
    private static function minutes(LogEntry $entry, array $minutes): array
    {
        $typed = [];
        foreach ($entry->workTimes() as $at => $time) {
            /** @var WorkTime $time */
            $typed += isset($minutes[$time->words]) ? ["times.$at" => $minutes[$time->words]] : [];
        }

        return $typed;
    }

    /**
     * @param  list<string>  $held
     * @return array<string, string>
     */
    private static function rolls(LogEntry $entry, array $held): array
    {
        $typed = [];
        foreach (array_slice($entry->rollTruths(), 0, count($held)) as $at => $roll) {
            /** @var RollTruth $roll */
            $typed["rolls.$at"] = $held[$at];
        }

        return $typed;
    }

    /**
     * @param  array<string, string>  $spoiled  by material
     * @return array<string, string>
     */
    private static function spoiled(LogEntry $entry, array $spoiled): array
    {
        $typed = [];
        foreach ($spoiled as $material => $length) {
            $typed += isset($entry->told['used'][$material]) ? ["spoiled.$material" => $length] : [];
        }

        return $typed;
    }
}
