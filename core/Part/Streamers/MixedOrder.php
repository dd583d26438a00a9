<?php

declare(strict_types=1);

namespace Davrin\Core\Part\Streamers;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Lengths in an order without a pattern: neighbours differ by so much, where that can be. The same number always gives the same order. */
final class MixedOrder
{
    /** Exchanges tried for each length, before neighbours may be half as far apart. */
    private const TRIES = 60;

    /**
     * @param  list<int>  $lengths  in units of length
     * @param  int  $apart  that neighbours should differ by, in units of length
     * @return list<int>
     */
    public static function of(array $lengths, int $seed, int $apart): array
    {
        $chance = new Randomizer(new Mt19937($seed));
        /** @var list<int> $order */
        $order = $chance->shuffleArray($lengths);
        for ($gap = $apart; $gap > 0; $gap = intdiv($gap, 2)) {
            for ($try = self::TRIES * count($order); $try > 0; $try--) {
                $close = self::close($order, $gap);
                if ($close === []) {
                    return $order;
                }
                $one = $close[$chance->getInt(0, count($close) - 1)];
                $other = $chance->getInt(0, count($order) - 1);
                $tried = $order;
                [$tried[$one], $tried[$other]] = [$order[$other], $order[$one]];
                /** @var list<int> $tried */
                $order = count(self::close($tried, $gap)) <= count($close) ? $tried : $order;
            }
        }

        return $order;
    }

    /**
     * Places whose length is too like the next one's.
     *
     * @param  list<int>  $order
     * @return list<int>
     */
    private static function close(array $order, int $gap): array
    {
        return array_values(array_filter(
            array_keys($order),
            fn (int $place): bool => isset($order[$place + 1]) && abs($order[$place] - $order[$place + 1]) < $gap,
        ));
    }
}
