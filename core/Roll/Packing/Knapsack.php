<?php

declare(strict_types=1);

namespace Davrin\Core\Roll\Packing;

use Davrin\Core\Effort\Effort;

/**
 * The most valuable set of pieces for one roll, for every length of roll up to the longest. Steps of a run may be among them; the
 * first of these also takes up the run's tails.
 */
final class Knapsack
{
    private const TAKEN = "\1";

    /** @var array<int, float|int> the value by room */
    public readonly array $values;

    /**
     * @var list<array{int, int, int}> what can be taken: the index of a size, how many at once, and after which run's tails
     *                 (-1 for pieces)
     */
    private array $parcels = [];

    /** @var list<string> by parcel, a byte for each room: whether it is taken there */
    private array $taken = [];

    /** @var list<array<int, true>> by run, at which rooms steps of it are worth their tails */
    private array $withRun = [];

    /**
     * @param  array<int, int>  $sizes
     * @param  array<int, int>  $counts
     * @param  array<int, float|int>  $worth  of one piece of each size
     * @param  list<array{int, int, int}>  $runs  of each run its tails, and the first of the sizes that are its steps and the one after
     *                 the last
     */
    public function __construct(
        int $room,
        private readonly array $sizes,
        array $counts,
        array $worth,
        private readonly Effort $effort,
        private readonly array $runs = [],
    ) {
        $effort->spend($room);
        $values = array_fill(0, $room + 1, 0);
        $values = $this->take($values, 0, $runs[0][1] ?? count($sizes), $counts, $worth, $room, -1);
        foreach ($runs as $run => [$tails, $from, $to]) {
            $with = [];
            for ($at = 0; $at <= $room; $at++) {
                $with[$at] = $at < $tails ? -INF : $values[$at - $tails];
            }
            $with = $this->take($with, $from, $to, $counts, $worth, $room, $run);
            $this->withRun[$run] = [];
            for ($at = $tails; $at <= $room; $at++) {
                if ($with[$at] > $values[$at]) {
                    $values[$at] = $with[$at];
                    $this->withRun[$run][$at] = true;
                }
            }
        }
        $this->values = $values;
    }

    /** @return array<int, int> how many of each size make the value at this room, by index */
    public function pieces(int $room): array
    {
        $pieces = [];
        $run = count($this->runs) - 1;
        $parcel = count($this->parcels) - 1;
        for (; $run >= -1; $run--) {
            $takes = $run === -1 || isset($this->withRun[$run][$room]);
            for (; $parcel >= 0 && $this->parcels[$parcel][2] === $run; $parcel--) {
                if ($takes && $this->taken[$parcel][$room] === self::TAKEN) {
                    [$size, $times] = $this->parcels[$parcel];
                    $pieces[$size] = ($pieces[$size] ?? 0) + $times;
                    $room -= $times * $this->sizes[$size];
                }
            }
            if ($takes && $run >= 0) {
                $room -= $this->runs[$run][0];
            }
        }
        ksort($pieces);

        return $pieces;
    }

    /**
     * @param  array<int, float|int>  $values
     * @param  array<int, int>  $counts
     * @param  array<int, float|int>  $worth
     * @return array<int, float|int>
     */
    private function take(array $values, int $from, int $to, array $counts, array $worth, int $room, int $run): array
    {
        for ($index = $from; $index < $to; $index++) {
            $size = $this->sizes[$index];
            if ($worth[$index] <= 0 || $size > $room) {
                continue;
            }
            $left = min($counts[$index], intdiv($room, $size));
            for ($times = 1; $left > 0; $left -= $times, $times *= 2) {
                $times = min($times, $left);
                [$takes, $weight, $gain] = [str_repeat("\0", $room + 1), $times * $size, $times * $worth[$index]];
                $this->effort->spend($room - $weight + 1);
                for ($at = $room; $at >= $weight; $at--) {
                    $value = $values[$at - $weight] + $gain;
                    if ($value > $values[$at]) {
                        $values[$at] = $value;
                        $takes[$at] = self::TAKEN;
                    }
                }
                $this->parcels[] = [$index, $times, $run];
                $this->taken[] = $takes;
            }
        }

        return $values;
    }
}
