<?php

declare(strict_types=1);

namespace Davrin\Core\Roll\Packing;

use Davrin\Core\Effort\Effort;

/**
 * The least that stays unmet when rolls may be cut in fractions of patterns: never more than what stays unmet with the
 * scissors. A linear programme over all patterns; those that help are found one by one, each the best answer of a knapsack
 * to the prices of the pieces so far (column generation). The bound itself is whole-number arithmetic on those prices, so
 * it holds whatever floats have lost, and it holds after every turn: where no effort is left, the best so far is given.
 * Gilmore and Gomory, A linear programming approach to the cutting-stock problem, Operations Research 9 (1961) and 11 (1963): the
 * second has stock of several lengths, each as often as it is there.
 */
final class Relaxation
{
    private const NOTHING = 1e-7;

    /** Prices are rounded to whole multiples of one part in so many. */
    private const FINE = 1 << 20;

    /** How many more patterns are taken from one solved knapsack. */
    private const MORE = 25;

    /** Lower bound on the weight that stays unmet. */
    public int $least = 0;

    /** @var list<Pattern> the solution in fractions */
    public array $patterns = [];

    /** @var list<array{int, array<int, int>}> columns found so far: kind of roll and pieces */
    private array $pool = [];

    /** @var list<array{string, int}> what is in the basis, by row */
    private array $basis = [];

    /** @var array<int, array<int, float>> the inverse of the basis */
    private array $inverse = [];

    /** @var array<int, float> how much of each is in */
    private array $amounts = [];

    /**
     * @param  array<int, int>  $sizes  of pieces, then of the steps of each run
     * @param  array<int, int>  $counts
     * @param  array<int, int>  $rooms  by kind
     * @param  array<int, int>  $rolls  how many there are, by kind
     * @param  array<int, int>  $weights  of a piece of each size that stays unmet
     * @param  list<array{int, int, int}>  $runs  as the Knapsack has them
     */
    private function __construct(
        private readonly array $sizes,
        private readonly array $counts,
        private readonly array $rooms,
        private readonly array $rolls,
        private readonly array $weights,
        private readonly array $runs,
        private readonly Effort $effort,
    ) {}

    /**
     * Whether all pieces can be met: `least` is more than 0 where it is proven that they cannot.
     *
     * @param  array<int, int>  $sizes
     * @param  array<int, int>  $counts
     * @param  array<int, int>  $rooms
     * @param  array<int, int>  $rolls
     * @param  list<array{int, int, int}>  $runs
     */
    public static function ofAll(array $sizes, array $counts, array $rooms, array $rolls, Effort $effort, array $runs = []): self
    {
        $relaxation = new self($sizes, $counts, $rooms, $rolls, $sizes, $runs, $effort);
        $relaxation->solve(stopWhenProven: true);

        return $relaxation;
    }

    /**
     * Lower bound on the pieces that stay unmet.
     *
     * @param  array<int, int>  $sizes
     * @param  array<int, int>  $counts
     * @param  array<int, int>  $rooms
     * @param  array<int, int>  $rolls
     * @param  list<array{int, int, int}>  $runs
     */
    public static function ofMost(array $sizes, array $counts, array $rooms, array $rolls, Effort $effort, array $runs = []): self
    {
        $relaxation = new self($sizes, $counts, $rooms, $rolls, array_fill(0, count($sizes), 1), $runs, $effort);
        $relaxation->solve(stopWhenProven: false);

        return $relaxation;
    }

    private function solve(bool $stopWhenProven): void
    {
        $items = count($this->sizes);
        $kinds = array_keys($this->rooms);
        foreach ($this->counts as $index => $count) {
            $this->basis[] = ['unmet', $index];
            $this->amounts[] = (float) $count;
        }
        foreach ($kinds as $place => $kind) {
            $this->basis[] = ['spare', $place];
            $this->amounts[] = (float) $this->rolls[$kind];
        }
        $rows = count($this->basis);
        foreach (array_keys($this->basis) as $row) {
            $this->inverse[] = array_map(fn (int $column): float => $column === $row ? 1.0 : 0.0, range(0, $rows - 1));
        }
        for ($turn = 0; $turn < 60 * $rows && ! $this->effort->isSpent(); $turn++) {
            $this->effort->spend(2 * $rows * $rows + 4 * count($this->pool));
            $prices = $this->prices();
            $entering = $this->entering($prices, $items, count($kinds));
            if ($entering === null) {
                $entering = $this->found($prices, $kinds, $items);
                if ($entering === null || ($stopWhenProven && $this->least > 0)) {
                    break;
                }
            }
            if (! $this->exchange($entering, $this->column($entering, $items))) {
                break;
            }
        }
        foreach ($this->basis as $row => [$what, $index]) {
            if ($what === 'pattern' && $this->amounts[$row] > self::NOTHING) {
                $this->patterns[] = new Pattern($kinds[$this->pool[$index][0]], $this->pool[$index][1], $this->amounts[$row]);
            }
        }
    }

    /** @return array<int, float> of a piece of each size, then of a roll of each kind (never above zero) */
    private function prices(): array
    {
        $prices = array_fill(0, count($this->basis), 0.0);
        foreach ($this->basis as $row => [$what, $index]) {
            if ($what === 'unmet') {
                $weight = $this->weights[$index];
                foreach ($this->inverse[$row] as $column => $value) {
                    $prices[$column] += $weight * $value;
                }
            }
        }

        return $prices;
    }

    /**
     * The best of the columns that are known already.
     *
     * @param  array<int, float>  $prices
     * @return ?array{string, int}
     */
    private function entering(array $prices, int $items, int $kinds): ?array
    {
        [$best, $entering] = [-self::NOTHING, null];
        for ($index = 0; $index < $items; $index++) {
            if ($prices[$index] < $best) {
                [$best, $entering] = [$prices[$index], ['over', $index]];
            }
            if ($best > $this->weights[$index] - $prices[$index]) {
                [$best, $entering] = [$this->weights[$index] - $prices[$index], ['unmet', $index]];
            }
        }
        for ($place = 0; $place < $kinds; $place++) {
            if (-$prices[$items + $place] < $best) {
                [$best, $entering] = [-$prices[$items + $place], ['spare', $place]];
            }
        }
        foreach ($this->pool as $number => [$place, $pieces]) {
            $gain = $prices[$items + $place];
            foreach ($pieces as $index => $count) {
                $gain += $count * $prices[$index];
            }
            if (-$gain < $best) {
                [$best, $entering] = [-$gain, ['pattern', $number]];
            }
        }

        return $entering;
    }

    /**
     * The best pattern there is, found by a knapsack, which proves a bound on the way.
     *
     * @param  array<int, float>  $prices
     * @param  array<int, int>  $kinds
     * @return ?array{string, int}
     */
    private function found(array $prices, array $kinds, int $items): ?array
    {
        $whole = [];
        $bound = 0;
        for ($index = 0; $index < $items; $index++) {
            $whole[$index] = max(0, min($this->weights[$index] * self::FINE, (int) floor($prices[$index] * self::FINE)));
            $bound += $whole[$index] * $this->counts[$index];
        }
        $knapsack = new Knapsack(max([0, ...$this->rooms]), $this->sizes, $this->counts, $whole, $this->effort, $this->runs);
        [$best, $found] = [self::NOTHING, null];
        foreach ($kinds as $place => $kind) {
            $value = (int) $knapsack->values[$this->rooms[$kind]];
            $bound -= $this->rolls[$kind] * $value;
            $gain = $value / self::FINE + $prices[$items + $place];
            if ($gain > $best + 2 / self::FINE * $items) {
                [$best, $found] = [$gain, $place];
            }
        }
        $this->least = max($this->least, intdiv($bound + self::FINE - 1, self::FINE));
        if ($found === null) {
            return null;
        }
        $this->pool[] = [$found, $knapsack->pieces($this->rooms[$kinds[$found]])];
        $entering = ['pattern', count($this->pool) - 1];
        $this->findMore($knapsack, $whole, $found, $this->rooms[$kinds[$found]], $prices[$items + $found]);

        return $entering;
    }

    /**
     * The best patterns that have one piece for certain, for some pieces: the same knapsack knows them, too, and the next turns
     * need not ask again.
     *
     * @param  array<int, int>  $whole  prices of pieces
     * @param  float  $roll  the price of the roll
     */
    private function findMore(Knapsack $knapsack, array $whole, int $place, int $room, float $roll): void
    {
        $gains = [];
        foreach ($this->runs === [] ? $this->sizes : [] as $index => $size) {
            if ($size <= $room && $whole[$index] > 0) {
                $gains[$index] = ((int) $knapsack->values[$room - $size] + $whole[$index]) / self::FINE + $roll;
            }
        }
        arsort($gains);
        foreach (array_slice($gains, 0, self::MORE, true) as $index => $gain) {
            $pieces = $knapsack->pieces($room - $this->sizes[$index]);
            $pieces[$index] = ($pieces[$index] ?? 0) + 1;
            if ($gain > self::NOTHING && $pieces[$index] <= $this->counts[$index] && ! in_array([$place, $pieces], $this->pool, true)) {
                $this->pool[] = [$place, $pieces];
            }
        }
    }

    /**
     * @param  array{string, int}  $entering
     * @return array<int, float>
     */
    private function column(array $entering, int $items): array
    {
        [$what, $index] = $entering;
        $parts = match ($what) {
            'unmet' => [$index => 1],
            'over' => [$index => -1],
            'spare' => [$items + $index => 1],
            default => $this->pool[$index][1] + [$items + $this->pool[$index][0] => 1],
        };
        $column = [];
        foreach ($this->inverse as $row) {
            $value = 0.0;
            foreach ($parts as $at => $count) {
                $value += $count * $row[$at];
            }
            $column[] = $value;
        }

        return $column;
    }

    /**
     * @param  array{string, int}  $entering
     * @param  array<int, float>  $column
     */
    private function exchange(array $entering, array $column): bool
    {
        [$leaves, $ratio] = [null, INF];
        foreach ($column as $row => $value) {
            if ($value > self::NOTHING) {
                $its = $this->amounts[$row] / $value;
                // Among equals the largest pivot, which keeps the arithmetic stable.
                if ($its < $ratio - 1e-12 || ($its <= $ratio + 1e-12 && $value > $column[$leaves ?? $row])) {
                    [$leaves, $ratio] = [$row, max(0.0, min($its, $ratio))];
                }
            }
        }
        if ($leaves === null) {
            return false;
        }
        $pivot = $column[$leaves];
        $lead = array_map(fn (float $value): float => $value / $pivot, $this->inverse[$leaves]);
        foreach ($column as $row => $value) {
            if ($row !== $leaves && abs($value) > 1e-12) {
                $its = $this->inverse[$row];
                foreach ($lead as $at => $of) {
                    if ($of !== 0.0) {
                        $its[$at] -= $value * $of;
                    }
                }
                $this->inverse[$row] = $its;
                $this->amounts[$row] = max(0.0, $this->amounts[$row] - $value * $ratio);
            }
        }
        $this->inverse[$leaves] = $lead;
        $this->amounts[$leaves] = $ratio;
        $this->basis[$leaves] = $entering;

        return true;
    }
}
