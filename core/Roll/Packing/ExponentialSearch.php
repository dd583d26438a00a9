<?php

declare(strict_types=1);

namespace Davrin\Core\Roll\Packing;

/** Finds the first number that passes a test in a long row, in few tries: steps that double, then halves (exponential search). */
final class ExponentialSearch
{
    /**
     * The first number that passes, provided that all after it pass too; null where even the last does not.
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
