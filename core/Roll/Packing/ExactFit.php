<?php

declare(strict_types=1);

namespace Davrin\Core\Roll\Packing;

use Davrin\Core\Effort\Effort;

/**
 * Lays pieces on rolls where almost no waste is allowed. Few patterns waste that little, so all of them are listed; the size that
 * fits in the fewest is cut next, so that a dead end shows at once. If it ends in time, its answer is certain either way.
 */
final class ExactFit
{
    /** The largest product of roll length in steps and number of sizes that is tried. */
    private const MOST_PLACES = 200_000;

    private const MOST_WAYS = 2_000;

    private const MOST_TRIES = 3_000;

    /** Effort for looking at one pattern. */
    private const TRY = 10;

    private int $tries = 0;

    /** @var list<Pattern> */
    private array $cut = [];

    /** @param  array<int, int>  $sizes  the longest first */
    private function __construct(private readonly array $sizes, private readonly Effort $effort) {}

    /**
     * @param  array<int, int>  $sizes  the longest first
     * @param  array<int, int>  $counts
     * @param  array<int, int>  $rooms  by kind
     * @param  array<int, int>  $rolls  how many there are, by kind
     * @return list<Pattern>|false|null false where they do not fit, null where that stays open
     */
    public static function fit(array $sizes, array $counts, array $rooms, array $rolls, Effort $effort): array|false|null
    {
        $waste = 0;
        foreach ($rolls as $kind => $count) {
            $waste += $count * $rooms[$kind];
        }
        foreach ($sizes as $index => $size) {
            $waste -= $counts[$index] * $size;
        }
        if ($waste < 0) {
            return false;
        }
        // With more than a step of waste a roll there are too many patterns to list.
        if ($waste > array_sum($rolls)) {
            return null;
        }
        $tight = new self($sizes, $effort);
        $ways = $tight->ways($counts, $rooms, $rolls, $waste);
        if ($ways === null) {
            return null;
        }
        $fits = $tight->search($ways, $counts, $rolls, $waste);

        return $fits === true ? $tight->cut : $fits;
    }

    /**
     * Every way to cut a roll that wastes no more than so much, the least wasteful first.
     *
     * @param  array<int, int>  $counts
     * @param  array<int, int>  $rooms
     * @param  array<int, int>  $rolls
     * @return ?list<array{int, int, array<int, int>}> its kind, its waste and its pieces; null where there are too many
     */
    private function ways(array $counts, array $rooms, array $rolls, int $waste): ?array
    {
        $longest = max(array_intersect_key($rooms, array_filter($rolls)) ?: [0]);
        if ($longest * count($this->sizes) > self::MOST_PLACES) {
            return null;
        }
        $fills = $this->fills($longest);
        $ways = [];
        foreach (array_keys(array_filter($rolls)) as $kind) {
            foreach ($this->of($counts, $fills, $rooms[$kind], $waste, 0) as [$wasted, $pieces]) {
                if ($pieces !== []) {
                    $ways[] = [$kind, $wasted, $pieces];
                }
                if (count($ways) > self::MOST_WAYS) {
                    return null;
                }
            }
            if ($this->effort->isSpent()) {
                return null;
            }
        }
        usort($ways, fn (array $a, array $b): int => $a[1] <=> $b[1]);

        return $ways;
    }

    /**
     * The rest of each room that sizes from each index on cannot fill, however many of them there were.
     *
     * @return array<int, array<int, int>> by index, by room
     */
    private function fills(int $longest): array
    {
        $fills = [count($this->sizes) => range(0, $longest)];
        foreach (array_reverse($this->sizes, true) as $index => $size) {
            $rests = $fills[$index + 1];
            for ($room = $size; $room <= $longest; $room++) {
                if ($rests[$room - $size] < $rests[$room]) {
                    $rests[$room] = $rests[$room - $size];
                }
            }
            $fills[$index] = $rests;
        }

        return $fills;
    }

    /**
     * @param  array<int, int>  $counts
     * @param  array<int, array<int, int>>  $fills
     * @return \Generator<array{int, array<int, int>}>
     */
    private function of(array $counts, array $fills, int $room, int $waste, int $from): \Generator
    {
        $this->effort->spend(self::TRY);
        if ($room <= $waste) {
            yield [$room, []];
        }
        for ($index = $from; $index < count($this->sizes) && $fills[$index][$room] <= $waste && ! $this->effort->isSpent(); $index++) {
            for ($times = min($counts[$index], intdiv($room, $this->sizes[$index])); $times > 0; $times--) {
                foreach ($this->of($counts, $fills, $room - $times * $this->sizes[$index], $waste, $index + 1) as [$wasted, $pieces]) {
                    yield [$wasted, [$index => $times] + $pieces];
                }
            }
        }
    }

    /**
     * @param  list<array{int, int, array<int, int>}>  $ways
     * @param  array<int, int>  $counts
     * @param  array<int, int>  $rolls
     * @return ?bool null where it gives up
     */
    private function search(array $ways, array $counts, array $rolls, int $waste): ?bool
    {
        if (array_sum($counts) === 0) {
            return true;
        }
        $this->effort->spend(self::TRY * count($ways));
        if ($this->tries++ > self::MOST_TRIES || $this->effort->isSpent()) {
            return null;
        }
        $left = [];
        $holding = array_fill_keys(array_keys(array_filter($counts)), []);
        foreach ($ways as [$kind, $wasted, $pieces]) {
            if ($wasted > $waste || $rolls[$kind] === 0) {
                continue;
            }
            foreach ($pieces as $index => $count) {
                if ($count > $counts[$index]) {
                    continue 2;
                }
            }
            foreach ($pieces as $index => $count) {
                $holding[$index][] = count($left);
            }
            $left[] = [$kind, $wasted, $pieces];
        }
        $fewest = [];
        $first = null;
        foreach ($holding as $index => $its) {
            if ($first === null || count($its) < count($fewest)) {
                [$first, $fewest] = [$index, $its];
            }
        }
        foreach ($fewest as $number) {
            [$kind, $wasted, $pieces] = $left[$number];
            $after = $counts;
            foreach ($pieces as $index => $count) {
                $after[$index] -= $count;
            }
            $fits = $this->search(array_values($left), $after, [$kind => $rolls[$kind] - 1] + $rolls, $waste - $wasted);
            if ($fits === true) {
                $this->cut[] = new Pattern($kind, $pieces);
            }
            if ($fits !== false) {
                return $fits;
            }
            // It was tried with all that goes with it.
            unset($left[$number]);
        }

        return false;
    }
}
