<?php

declare(strict_types=1);

namespace Davrin\Core\Roll\Packing;

use Davrin\Core\Effort\Effort;

/** Every length that pieces of these sizes can add up to, and which pieces do; long ones are preferred. */
final class SubsetSums
{
    /** @var array<int, int> by sum, the size that it was first reached with; -1 where it is not reached */
    private array $by;

    /** @var array<int, int> by sum, and how many of that size */
    private array $times;

    /**
     * @param  int  $room  the longest sum that is asked for
     * @param  array<int, int>  $sizes  the longest first
     * @param  array<int, int>  $counts
     * @param  bool  $untilFull  whether nothing more is asked for once the room itself is reached
     */
    public function __construct(
        private readonly int $room,
        private readonly array $sizes,
        array $counts,
        Effort $effort,
        bool $untilFull = false,
    ) {
        $effort->spend($room);
        $by = array_fill(0, $room + 1, -1);
        $times = array_fill(0, $room + 1, 0);
        $by[0] = count($sizes);
        $top = 0;
        foreach ($sizes as $index => $size) {
            $count = $counts[$index];
            if ($count === 0 || $size > $room) {
                continue;
            }
            if ($untilFull && $by[$room] !== -1) {
                break;
            }
            $top = min($room, $top + $size * $count);
            $effort->spend(2 * ($top - $size + 1));
            for ($sum = $size; $sum <= $top; $sum++) {
                $before = $by[$sum - $size];
                if ($before !== -1 && $by[$sum] === -1) {
                    $used = $before === $index ? $times[$sum - $size] + 1 : 1;
                    if ($used <= $count) {
                        $by[$sum] = $index;
                        $times[$sum] = $used;
                    }
                }
            }
        }
        [$this->by, $this->times] = [$by, $times];
    }

    /** The greatest sum up to a room. */
    public function upTo(int $room): int
    {
        for ($sum = min($room, $this->room); $sum > 0 && $this->by[$sum] === -1; $sum--);

        return max(0, $sum);
    }

    /** The smallest sum from a length on; null where there is none in the room. */
    public function from(int $least): ?int
    {
        for ($sum = max(0, $least); $sum <= $this->room; $sum++) {
            if ($this->by[$sum] !== -1) {
                return $sum;
            }
        }

        return null;
    }

    /**
     * The pieces that add up to a sum that is reached.
     *
     * @return array<int, int> how many of each size, by its index
     */
    public function pieces(int $sum): array
    {
        $pieces = [];
        while ($sum > 0) {
            $index = $this->by[$sum];
            $pieces[$index] = $this->times[$sum];
            $sum -= $this->times[$sum] * $this->sizes[$index];
        }
        ksort($pieces);

        return $pieces;
    }
}
