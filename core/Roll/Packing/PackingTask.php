<?php

declare(strict_types=1);

namespace Davrin\Core\Roll\Packing;

/**
 * Pieces of several lengths to be cut from rolls of several kinds. Lengths are counted in steps of a grid that all pieces lie
 * on, so that every sum of pieces can be looked at; a grid that would be too fine is made coarser, and then pieces round up and rolls
 * down. No
 * piece is shorter than a step: a roll has 12,000 of them.
 */
final readonly class PackingTask
{
    /** Limit on the grid: more steps in a roll would take too long. */
    private const MOST_STEPS = 12_000;

    /**
     * @param  int  $step  units of length in a step of the grid
     * @param  bool  $isExact  whether all pieces lie on the grid
     * @param  list<int>  $lengths  of the pieces in units, the longest first, each once
     * @param  list<int>  $sizes  the same in steps
     * @param  list<int>  $counts  how many pieces there are of each
     * @param  list<RollKind>  $kinds  each once
     * @param  list<list<int>>  $places  of each kind, where it stands among those that were given; as often as there are of it, the
     *                 last as often as it takes
     * @param  array<int, int>  $rooms  of each kind, how many steps it holds
     * @param  int  $keepFrom  in units: a leftover as long as this is kept; no length at all is none
     * @param  list<RunShare>  $runs  that are laid on these rolls beside the pieces
     */
    private function __construct(
        public int $step,
        public bool $isExact,
        public array $lengths,
        public array $sizes,
        public array $counts,
        public array $kinds,
        private array $places,
        public array $rooms,
        public int $keepFrom,
        public array $runs,
    ) {}

    /**
     * Rolls alike are one kind, in however many rows they are given.
     *
     * @param  array<int, int>  $pieces  how many of each length in units
     * @param  list<RollKind>  $kinds
     * @param  list<RunShare>  $runs
     */
    public static function of(array $pieces, array $kinds, int $keepFrom = 1, array $runs = []): self
    {
        $step = self::grid($pieces, $runs);
        $longest = max([1, ...array_map(fn (RollKind $kind): int => $kind->length, $kinds)]);
        $isExact = intdiv($longest, $step) <= self::MOST_STEPS;
        $step = $isExact ? $step : intdiv($longest, self::MOST_STEPS) + 1;
        $up = fn (int $length): int => intdiv($length + $step - 1, $step);

        return self::onGrid($step, $isExact, $pieces, $up, $kinds, fn (int $length): int => intdiv($length, $step), $keepFrom, $runs);
    }

    /** A relaxed copy, with pieces rounded down and rolls rounded up: what cannot be laid in it cannot be laid at all. */
    public function loosened(): self
    {
        $up = fn (int $length): int => intdiv($length + $this->step - 1, $this->step);

        return $this->isExact
            ? $this
            : self::onGrid(
                $this->step,
                true,
                array_combine($this->lengths, $this->counts),
                fn (int $length): int => intdiv($length, $this->step),
                $this->kinds,
                $up,
                $this->keepFrom,
                $this->runs,
            );
    }

    /**
     * @param  array<int, int>  $pieces
     * @param  callable(int): int  $size  in steps, of a piece in units
     * @param  list<RollKind>  $kinds
     * @param  callable(int): int  $room  in steps, of a roll in units
     * @param  list<RunShare>  $runs
     */
    private static function onGrid(
        int $step,
        bool $isExact,
        array $pieces,
        callable $size,
        array $kinds,
        callable $room,
        int $keepFrom,
        array $runs,
    ): self {
        krsort($pieces);
        [$alike, $places] = [[], []];
        foreach ($kinds as $place => $kind) {
            $key = "$kind->length/$kind->heldBack/$kind->price/".(int) $kind->opens;
            $before = $alike[$key]->count ?? (isset($alike[$key]) ? null : 0);
            $alike[$key] = new RollKind(
                $kind->length,
                $before === null || $kind->count === null ? null : $before + $kind->count,
                $kind->price,
                $kind->opens,
                $kind->heldBack,
            );
            // Endless rolls come after counted ones.
            $counted = array_fill(0, $kind->count ?? 1, $place);
            $places[$key] = $kind->count !== null && $before === null && isset($places[$key])
                ? [...$counted, ...$places[$key]]
                : [...$places[$key] ?? [], ...$counted];
        }
        $alike = array_values($alike);

        return new self(
            $step,
            $isExact,
            array_keys($pieces),
            array_map($size, array_keys($pieces)),
            array_values($pieces),
            $alike,
            array_values($places),
            array_map(fn (RollKind $kind): int => $room($kind->length), $alike),
            max(1, $keepFrom),
            $runs,
        );
    }

    /**
     * The coarsest grid that all lengths lie on, in units.
     *
     * @param  array<int, int>  $pieces
     * @param  list<RunShare>  $runs
     */
    private static function grid(array $pieces, array $runs): int
    {
        $step = 0;
        $inRuns = array_map(fn (RunShare $run): array => [$run->tails, ...array_keys($run->steps)], $runs);
        foreach ([array_keys($pieces), ...$inRuns] as $lengths) {
            foreach ($lengths as $length) {
                $step = self::commonStep($step, $length);
            }
        }

        return max(1, $step);
    }

    /** Where a roll stands among the kinds that were given, by its number among those alike, from 0. */
    public function place(int $kind, int $number): int
    {
        $places = $this->places[$kind];

        return $places[$number] ?? $places[count($places) - 1];
    }

    /**
     * How many rolls are taken at each place among the kinds that were given, the first of those alike first.
     *
     * @param  array<int, int>  $rolls  by kind
     * @return array<int, int>
     */
    public function ofPlaces(array $rolls, int $places): array
    {
        $at = array_fill(0, $places, 0);
        foreach ($rolls as $kind => $count) {
            for ($number = 0; $number < $count; $number++) {
                $at[$this->place($kind, $number)]++;
            }
        }

        return $at;
    }

    /** How many rolls of a kind could be wanted at the most: one for each piece. */
    public function count(int $kind): int
    {
        return min($this->kinds[$kind]->count ?? PHP_INT_MAX, array_sum($this->counts));
    }

    /**
     * How long so many of each size are together, in steps.
     *
     * @param  array<int, int>  $counts
     */
    public function together(array $counts): int
    {
        return array_sum(array_map(fn (int $size, int $count): int => $size * $count, $this->sizes, $counts));
    }

    /**
     * So many of each size without so many of the longest: of all ways to leave out as many it leaves the most room.
     *
     * @param  array<int, int>  $counts
     * @return array<int, int>
     */
    public function withoutLongest(array $counts, int $left): array
    {
        foreach (array_keys($this->sizes) as $index) {
            $out = min($counts[$index], $left);
            $counts[$index] -= $out;
            $left -= $out;
        }

        return $counts;
    }

    /** The index of the size that a length in units is counted as. */
    public function sizeOf(int $length): int
    {
        $index = array_search($length, $this->lengths, true);

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
