<?php

declare(strict_types=1);

namespace Davrin\Core\Roll\Packing;

/** Finds where a long row of numbers begins to do, in few tries: in steps that double, then in halves (exponential search). */
final class ExponentialSearch
{
    /**
     * The first number that does, where all after it do; null where even the last does not.
     *
     * @param  callable(int): bool  $does
     */
    public static function first(int $from, int $to, callable $does): ?int
    {
        for ($step = 1, $not = $from - 1; $not < $to; $step *= 2) {
            $tried = min($to, $not + $step);
            if ($does($tried)) {
                return self::between($not, $tried, $does);
            }
            $not = $tried;
        }

        return null;
    }

    /** @param  callable(int): bool  $does */
    private static function between(int $not, int $enough, callable $does): int
    {
        while ($enough - $not > 1) {
            $middle = intdiv($enough + $not, 2);
            $does($middle) ? $enough = $middle : $not = $middle;
        }

        return $enough;
    }
}
