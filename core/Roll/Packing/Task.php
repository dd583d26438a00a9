<?php

declare(strict_types=1);

namespace Davrin\Core\Roll\Packing;

/**
 * Pieces of several lengths to be cut from rolls of several kinds. Lengths are counted in steps of a grid that all pieces lie
 * on, so that every sum of pieces can be looked at; a grid that would be too fine is made coarser, and then pieces round up.
 */
final readonly class Task
{
    /** More steps in a roll than this would take too long to look at. */
    private const MOST_STEPS = 12_000;

    /**
     * @param  int  $step  units of length in a step of the grid
     * @param  bool  $isExact  whether all pieces lie on the grid
     * @param  array<int, int>  $sizes  in steps, the longest first, each once
     * @param  array<int, int>  $counts  how many pieces there are of each
     * @param  list<RollKind>  $kinds
     * @param  array<int, int>  $rooms  of each kind, how many steps it holds
     * @param  int  $keepFrom  in units: a leftover as long as this is kept; no length at all is none
     * @param  list<RunShare>  $runs  that are laid on these rolls beside the pieces
     */
    private function __construct(
        public int $step,
        public bool $isExact,
        public array $sizes,
        public array $counts,
        public array $kinds,
        public array $rooms,
        public int $keepFrom,
        public array $runs,
    ) {}

    /**
     * @param  array<int, int>  $pieces  how many of each length in units
     * @param  list<RollKind>  $kinds
     * @param  list<RunShare>  $runs
     */
    public static function of(array $pieces, array $kinds, int $keepFrom = 1, array $runs = []): self
    {
        krsort($pieces);
        $step = 0;
        foreach ([array_keys($pieces), ...array_map(fn (RunShare $run): array => [$run->tails, ...array_keys($run->steps)], $runs)] as $lengths) {
            foreach ($lengths as $length) {
                $step = self::commonStep($step, $length);
            }
        }
        $longest = max([1, ...array_map(fn (RollKind $kind): int => $kind->length, $kinds)]);
        $step = max(1, $step);
        $isExact = intdiv($longest, $step) <= self::MOST_STEPS;
        if (! $isExact) {
            $step = intdiv($longest, self::MOST_STEPS) + 1;
        }
        $counts = [];
        foreach ($pieces as $length => $count) {
            $size = intdiv($length + $step - 1, $step);
            $counts[$size] = ($counts[$size] ?? 0) + $count;
        }

        return new self($step, $isExact, array_keys($counts), array_values($counts), $kinds, array_map(fn (RollKind $kind): int => intdiv($kind->length, $step), $kinds), max(1, $keepFrom), $runs);
    }

    /** How many rolls of a kind could be wanted at the most: one for each piece. */
    public function count(int $kind): int
    {
        return min($this->kinds[$kind]->count ?? PHP_INT_MAX, array_sum($this->counts));
    }

    /** The index of the size that a length in units is counted as. */
    public function sizeOf(int $length): int
    {
        $index = array_search(intdiv($length + $this->step - 1, $this->step), $this->sizes, true);

        return is_int($index) ? $index : throw new \LogicException('Only lengths of the task are asked for.');
    }

    private static function commonStep(int $a, int $b): int
    {
        while ($b !== 0) {
            [$a, $b] = [$b, $a % $b];
        }

        return $a;
    }
}
