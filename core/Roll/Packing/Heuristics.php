<?php

declare(strict_types=1);

namespace Davrin\Core\Roll\Packing;

use Davrin\Core\Effort\Effort;

/**
 * Ways to lay pieces on given rolls, one after another, each quick and none sure to succeed. A way gives the pieces of each roll,
 * by the roll's place, or null where some piece found no room or no effort is left.
 */
final class Heuristics
{
    /**
     * First fit: longest first, each on the first roll with room for it.
     *
     * @param  array<int, int>  $sizes  the longest first
     * @param  array<int, int>  $counts
     * @param  array<int, int>  $rooms
     * @return ?array<int, array<int, int>>
     */
    public static function firstFit(array $sizes, array $counts, array $rooms, Effort $effort): ?array
    {
        $laid = array_fill(0, count($rooms), []);
        foreach ($sizes as $index => $size) {
            $count = $counts[$index];
            for ($roll = 0; $count > 0 && $roll < count($rooms); $roll++) {
                $times = min($count, intdiv($rooms[$roll], $size));
                if ($times > 0) {
                    $laid[$roll][$index] = $times;
                    $rooms[$roll] -= $times * $size;
                    $count -= $times;
                }
            }
            $effort->spend($roll);
            if ($count > 0) {
                return null;
            }
        }

        return $laid;
    }

    /**
     * Best fit: longest first, each on the roll that it leaves the least on.
     *
     * @param  array<int, int>  $sizes  the longest first
     * @param  array<int, int>  $counts
     * @param  array<int, int>  $rooms
     * @return ?array<int, array<int, int>>
     */
    public static function bestFit(array $sizes, array $counts, array $rooms, Effort $effort): ?array
    {
        $laid = array_fill(0, count($rooms), []);
        foreach ($sizes as $index => $size) {
            for ($count = $counts[$index]; $count > 0; $count--) {
                $best = null;
                foreach ($rooms as $roll => $room) {
                    if ($room >= $size && ($best === null || $room < $rooms[$best])) {
                        $best = $roll;
                    }
                }
                $effort->spend(count($rooms));
                if ($best === null || $effort->isSpent()) {
                    return null;
                }
                $laid[$best][$index] = ($laid[$best][$index] ?? 0) + 1;
                $rooms[$best] -= $size;
            }
        }

        return $laid;
    }

    /**
     * Roll by roll, each as full as it can be cut.
     *
     * @param  array<int, int>  $sizes  the longest first
     * @param  array<int, int>  $counts
     * @param  array<int, int>  $rooms
     * @param  bool  $withLongest  each takes the longest piece first that is left and goes on it, so that none is left over at the end
     * @return ?array<int, array<int, int>>
     */
    public static function fullest(array $sizes, array $counts, array $rooms, Effort $effort, bool $withLongest): ?array
    {
        $laid = [];
        /** @var array<int, int> $pieces */
        $pieces = [];
        foreach ($rooms as $roll => $whole) {
            // The fullest pattern for the roll before is the fullest for a roll of the same length, as long as its pieces last.
            if ($roll > 0 && $whole === $rooms[$roll - 1] && self::times($pieces, $counts) > 0) {
                $counts = self::without($pieces, $counts);
                $laid[$roll] = $pieces;

                continue;
            }
            [$room, $first] = [$whole, []];
            foreach ($withLongest ? $sizes : [] as $index => $size) {
                if ($counts[$index] > 0 && $size <= $room) {
                    $first = [$index => 1];
                    $counts[$index]--;
                    $room -= $size;
                    break;
                }
            }
            if ($effort->isSpent()) {
                return null;
            }
            $reach = new SubsetSums($room, $sizes, $counts, $effort, untilFull: true);
            $pieces = $reach->pieces($reach->upTo($room));
            $counts = self::without($pieces, $counts);
            foreach ($first as $index => $count) {
                $pieces[$index] = ($pieces[$index] ?? 0) + $count;
            }
            ksort($pieces);
            $laid[$roll] = $pieces;
        }

        return array_sum($counts) === 0 ? $laid : null;
    }

    /**
     * Roll by roll, each with the pieces that are worth most, again and again: what wasted room in the last try is worth more in
     * the next (sequential value correction).
     *
     * @param  array<int, int>  $sizes  the longest first
     * @param  array<int, int>  $counts
     * @param  array<int, int>  $rooms
     * @return \Generator<array<int, array<int, int>>> every try that met all
     */
    public static function byWorth(array $sizes, array $counts, array $rooms, int $tries, Effort $effort): \Generator
    {
        $worth = array_map(fn (int $size): float => $size ** 1.03, $sizes);
        for ($try = 0; $try < $tries; $try++) {
            $left = $counts;
            $laid = [];
            for ($roll = 0; $roll < count($rooms); $roll++) {
                $room = $rooms[$roll];
                if (self::used($left, $sizes) <= $room) {
                    $laid[$roll] = array_filter($left);
                    $left = array_fill(0, count($left), 0);

                    continue;
                }
                if ($effort->isSpent()) {
                    return;
                }
                $pieces = (new Knapsack($room, $sizes, $left, $worth, $effort))->pieces($room);
                if ($pieces === []) {
                    $laid[$roll] = [];

                    continue;
                }
                $full = $room / max(1, self::used($pieces, $sizes));
                // Half of the rolls alike that could be cut so are, before the pieces are worth something else.
                $times = max(1, intdiv(self::times($pieces, $left), 2));
                for (; $times > 0 && ($rooms[$roll] ?? 0) === $room; $times--, $roll++) {
                    foreach ($pieces as $index => $count) {
                        $share = $count / ($counts[$index] + $left[$index]);
                        $worth[$index] = (1 - $share) * $worth[$index] + $share * $sizes[$index] ** 1.03 * $full;
                    }
                    $left = self::without($pieces, $left);
                    $laid[$roll] = $pieces;
                }
                $roll--;
            }
            if (array_sum($left) === 0) {
                yield $laid;
            }
            // Pieces that found no room are worth more in the next try.
            foreach ($left as $index => $count) {
                $worth[$index] *= 1 + 0.2 * $count / max(1, $counts[$index]);
            }
        }
    }

    /**
     * How often these pieces are there.
     *
     * @param  array<int, int>  $pieces
     * @param  array<int, int>  $counts
     */
    private static function times(array $pieces, array $counts): int
    {
        $times = PHP_INT_MAX;
        foreach ($pieces as $index => $count) {
            $times = min($times, intdiv($counts[$index], $count));
        }

        return $times;
    }

    /**
     * @param  array<int, int>  $pieces
     * @param  array<int, int>  $counts
     * @return array<int, int>
     */
    private static function without(array $pieces, array $counts): array
    {
        foreach ($pieces as $index => $count) {
            $counts[$index] -= $count;
        }

        return $counts;
    }

    /**
     * @param  array<int, int>  $pieces
     * @param  array<int, int>  $sizes
     */
    private static function used(array $pieces, array $sizes): int
    {
        $used = 0;
        foreach ($pieces as $index => $count) {
            $used += $count * $sizes[$index];
        }

        return $used;
    }
}
