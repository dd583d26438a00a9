<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Ties\TieGroup;
use Davrin\Core\Ties\TieRow;
use Davrin\Core\Words\Words;

/** Other numbers of ties that a layout can have, whatever it counts by; a layout with a fixed number is laid evenly in rows instead. */
final class OtherTies
{
    /** A distance from tie to tie is made shorter or longer in such steps, in inches. */
    private const STEP = 0.25;

    /**
     * @param  float  $most  times as many as now at the most
     * @return iterable<array{string, array<string, string>}> the fewest more first: what to call it, and what to write
     */
    public static function more(Plan $plan, TieGroup $group, float $most): iterable
    {
        return self::numbers($plan, $group, 1, $most);
    }

    /**
     * @param  float  $least  of as many as now at the least
     * @return iterable<array{string, array<string, string>}> the fewest less first
     */
    public static function fewer(Plan $plan, TieGroup $group, float $least): iterable
    {
        return self::numbers($plan, $group, -1, $least);
    }

    /** @return iterable<array{string, array<string, string>}> */
    private static function numbers(Plan $plan, TieGroup $group, int $by, float $bound): iterable
    {
        $isWithin = fn (float $share): bool => $by > 0 ? $share <= $bound : $share >= $bound;
        foreach (['perSection' => 'a section', 'aSide' => 'a side', 'sites' => null] as $key => $where) {
            if ($group->slip->has($key)) {
                $now = $group->slip->count($key);
                for ($count = $now + $by; $count > 0 && $isWithin($count / max(1, $now)); $count += $by) {
                    yield [
                        $where === null ? Words::count($count, 'spot') : Words::count($count, 'tie')." $where",
                        ["ties.$group->id.$key" => (string) $count],
                    ];
                }

                return;
            }
        }
        if ($group->slip->has('every')) {
            $now = $group->slip->length('every')->toInches();
            for ($inches = $now - $by * self::STEP; $inches > 0 && $isWithin($now / $inches); $inches -= $by * self::STEP) {
                $length = Length::nearInches($inches);
                yield ['A tie every '.$plan->units()->exact($length), ["ties.$group->id.every" => LengthText::canonical($length)]];
            }

            return;
        }
        yield from self::rows($group, $by, $isWithin);
    }

    /**
     * @param  callable(float): bool  $isWithin
     * @return iterable<array{string, array<string, string>}>
     */
    private static function rows(TieGroup $group, int $by, callable $isWithin): iterable
    {
        $now = array_map(fn (TieRow $row): int => count($row->ties), $group->rows);
        if ($group->isFree()) {
            return;
        }
        $least = min($now);
        for ($row = $least + $by; $row > 0 && $isWithin($row / $least); $row += $by) {
            $rows = array_map(fn (int $count): int => (int) round($count * $row / $least), $now);
            yield [
                Words::list(array_map(strval(...), $rows)).' ties'.($group->slip->has('rows') ? '' : ', evenly in rows'),
                [
                    ...($group->slip->has('rows') ? [] : ["ties.$group->id.layout" => 'rows']),
                    "ties.$group->id.rows" => implode(', ', $rows),
                ],
            ];
        }
    }
}
