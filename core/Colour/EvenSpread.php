<?php

declare(strict_types=1);

namespace Davrin\Core\Colour;

use Davrin\Core\Effort\Effort;

/**
 * Lays so many of each colour along one row, as evenly as can be (see Evenness). First scarce colours are laid at even gaps,
 * turned against each other until they fit; where that cannot be the best, all orders are searched in a bounded number of
 * steps, from the best that exchanging two at a time finds. The same input always gives the same order.
 */
final class EvenSpread
{
    /** Limit on the steps of the search. */
    private const STEPS = 60_000;

    /** On rows longer than this the search takes fewer steps, and exchanges only ties this close together. */
    private const LONG = 60;

    private const STEPS_BEYOND = 8_000;

    private const NEAR = 8;

    /** How many starting points are tried for evenly spaced colours. */
    private const TURNS = 3_000;

    /** Effort for each tie when an order is scored, and for each colour in a step of the search. */
    private const TIE = 10;

    private const COLOUR = 20;

    /** @var array{int, int, int, int} */
    private array $best = [PHP_INT_MAX, 0, 0, 0];

    /** @var list<int> */
    private array $order = [];

    private int $steps = 0;

    /** @var array<string, array{int, int}> what the best way so far to each state of the search had come to */
    private array $seen = [];

    /** @param  array<int, int>  $fixed  colours by place, from 0 */
    private function __construct(private readonly Evenness $evenness, private readonly array $fixed, private readonly Effort $effort) {}

    /**
     * @param  non-empty-list<int>  $counts  how many of each colour, together as many as there are ties
     * @param  array<int, int>  $fixed  colours that stand already, by place from 0; they are among those counted
     */
    public static function over(int $ties, bool $closed, array $counts, Effort $effort, array $fixed = []): SpacedRow
    {
        $spread = new self(new Evenness($ties, $closed, $counts), $fixed, $effort);

        return $spread->found();
    }

    private function found(): SpacedRow
    {
        if ($this->evenness->closed && $this->fixed === []) {
            $this->turnEvenGaps();
        }
        if (! $this->isBest()) {
            $this->take($this->exchanged($this->dealtOut()));
            $this->search(
                [],
                $this->evenness->counts,
                array_fill(0, count($this->evenness->counts), null),
                array_fill(0, count($this->evenness->counts), 0),
                0,
                0,
            );
            $this->take($this->exchanged($this->order));
        }
        // A search that ran out of steps did not see every order.
        $proven = $this->isBest() || ($this->steps <= $this->most() && ! $this->effort->ranOut());

        return new SpacedRow($this->order, $proven, $this->evenness->alike($this->order));
    }

    /** How many steps it takes at most. */
    private function most(): int
    {
        return $this->evenness->ties > self::LONG ? self::STEPS_BEYOND : self::STEPS;
    }

    private function isBest(): bool
    {
        return $this->evenness->isBest(...array_slice($this->best, 0, 3));
    }

    /** Scarce colours at even gaps, the scarcest from the first tie on, each next one in every turn that leaves it its places. */
    private function turnEvenGaps(): void
    {
        $scarce = array_keys(
            array_filter(
                $this->evenness->counts,
                fn (int $count, int $colour): bool => $count > 0 && $colour !== $this->evenness->filler,
                ARRAY_FILTER_USE_BOTH,
            ),
        );
        usort($scarce, fn (int $a, int $b): int => $this->evenness->counts[$a] <=> $this->evenness->counts[$b] ?: $a <=> $b);
        $turns = 0;
        $this->turn($scarce, array_fill(0, $this->evenness->ties, $this->evenness->filler), true, $turns);
    }

    /**
     * @param  list<int>  $scarce  colours still to be laid
     * @param  list<int>  $order
     */
    private function turn(array $scarce, array $order, bool $first, int &$turns): void
    {
        if ($scarce === []) {
            $this->take($order);

            return;
        }
        [$ties, $colour] = [$this->evenness->ties, array_shift($scarce)];
        for ($turned = 0; $turned < ($first ? 1 : $ties) && $turns < self::TURNS && ! $this->effort->isSpent(); $turned++) {
            $turns++;
            $this->effort->spend(self::TIE * $ties);
            $laid = $order;
            for ($i = 0; $i < $this->evenness->counts[$colour]; $i++) {
                $place = ($turned + intdiv($i * $ties, $this->evenness->counts[$colour])) % $ties;
                if ($laid[$place] !== $this->evenness->filler) {
                    continue 2;
                }
                $laid[$place] = $colour;
            }
            $this->turn($scarce, $laid, false, $turns);
        }
    }

    /**
     * What stands already, and the rest dealt out one after another, the most frequent first.
     *
     * @return list<int>
     */
    private function dealtOut(): array
    {
        $left = $this->evenness->counts;
        foreach ($this->fixed as $colour) {
            $left[$colour]--;
        }
        $order = [];
        $before = null;
        for ($place = 0; $place < $this->evenness->ties; $place++) {
            if (! isset($this->fixed[$place])) {
                $others = array_filter(
                    $left,
                    fn (int $count, int $colour): bool => $count > 0 && $colour !== $before,
                    ARRAY_FILTER_USE_BOTH,
                ) ?: array_filter($left);
                arsort($others);
                $order[] = $before = (int) array_key_first($others);
                $left[$before]--;
            } else {
                $order[] = $before = $this->fixed[$place];
            }
        }

        return $order;
    }

    /**
     * Two at a time exchanged as long as that is better.
     *
     * @param  list<int>  $order
     * @return list<int>
     */
    private function exchanged(array $order): array
    {
        $free = array_values(array_diff(range(0, $this->evenness->ties - 1), array_keys($this->fixed)));
        $cost = $this->evenness->of($order);
        do {
            $before = $cost;
            foreach ($free as $index => $one) {
                foreach (array_slice($free, $index + 1, $this->evenness->ties > self::LONG ? self::NEAR : null) as $other) {
                    if ($order[$one] !== $order[$other]) {
                        if ($this->effort->isSpent()) {
                            return $order;
                        }
                        $this->effort->spend(self::TIE * $this->evenness->ties);
                        $tried = array_values(array_replace($order, [$one => $order[$other], $other => $order[$one]]));
                        $its = $this->evenness->of($tried);
                        [$order, $cost] = $its < $cost ? [$tried, $its] : [$order, $cost];
                    }
                }
            }
        } while ($cost < $before);

        return $order;
    }

    /** @param  list<int>  $order */
    private function take(array $order): void
    {
        $cost = $this->evenness->of($order);
        if ($cost < $this->best) {
            [$this->best, $this->order] = [$cost, $order];
        }
    }

    /**
     * Every order that could still have fewer neighbours alike or more even gaps, tie by tie.
     *
     * @param  list<int>  $order  so far
     * @param  array<int, int>  $left  of each colour
     * @param  array<int, ?int>  $last  where each colour lies last
     * @param  array<int, int>  $first  and first
     * @param  int  $alike  neighbours so far
     * @param  int  $gaps  what the gaps so far count for
     */
    private function search(array $order, array $left, array $last, array $first, int $alike, int $gaps): void
    {
        $place = count($order);
        if ($place === $this->evenness->ties) {
            $this->take($order);

            return;
        }
        $before = $order[$place - 1] ?? null;
        // Another way to the same ties left, colours left and gaps open that was no worse has led to all that follows.
        $state = implode(' ', [$before, ...$left, '|', ...$last, '|', ...$first]);
        if (isset($this->seen[$state]) && $this->seen[$state] <= [$alike, $gaps]) {
            return;
        }
        $this->seen[$state] = [$alike, $gaps];
        foreach ($this->choices($place, $left) as $colour) {
            if ($this->isBest() || ++$this->steps > $this->most() || $this->effort->isSpent()) {
                return;
            }
            $this->effort->spend(self::COLOUR * count($left));
            $nowAlike = $alike + ($before === $colour && $this->evenness->matters($colour) ? 1 : 0);
            $nowGaps = $gaps;
            if ($colour !== $this->evenness->filler) {
                $nowGaps += $last[$colour] === null ? $this->evenness->start($place) : $this->evenness->gap($place - $last[$colour]);
            }
            [$nowLeft, $nowLast, $nowFirst] = [$left, $last, $first];
            $nowLeft[$colour]--;
            $nowFirst[$colour] = $last[$colour] === null ? $place : $first[$colour];
            $nowLast[$colour] = $place;
            $least = [
                $nowAlike + $this->leastAlike($nowLeft),
                $nowGaps + $this->leastLeft($nowLeft, $nowLast, $nowFirst, $place + 1),
            ];
            if ($least < array_slice($this->best, 0, 2)) {
                $this->search([...$order, $colour], $nowLeft, $nowLast, $nowFirst, $nowAlike, $nowGaps);
            }
        }
    }

    /**
     * What may lie at a place: what is fixed there, or all there is some of, the scarcest first. A closed row without anything
     * fixed begins with the scarcest: every other order is such a one turned.
     *
     * @param  array<int, int>  $left
     * @return list<int>
     */
    private function choices(int $place, array $left): array
    {
        if (isset($this->fixed[$place])) {
            return [$this->fixed[$place]];
        }
        $standing = [];
        foreach ($this->fixed as $fixed => $colour) {
            if ($fixed > $place) {
                $standing[$colour] = ($standing[$colour] ?? 0) + 1;
            }
        }
        $free = array_keys(
            array_filter($left, fn (int $count, int $colour): bool => $count > ($standing[$colour] ?? 0), ARRAY_FILTER_USE_BOTH),
        );
        usort($free, fn (int $a, int $b): int => $this->evenness->counts[$a] <=> $this->evenness->counts[$b] ?: $a <=> $b);

        return $place === 0 && $this->evenness->closed && $this->fixed === [] ? array_slice($free, 0, 1) : $free;
    }

    /**
     * Neighbours alike that what is left cannot do without: a colour can be parted no more often than there are others.
     *
     * @param  array<int, int>  $left
     */
    private function leastAlike(array $left): int
    {
        $all = array_sum($left);
        $least = 0;
        foreach ($left as $colour => $count) {
            $least = $this->evenness->matters($colour) ? max($least, 2 * $count - $all - 1) : $least;
        }

        return $least;
    }

    /**
     * @param  array<int, int>  $left
     * @param  array<int, ?int>  $last
     * @param  array<int, int>  $first
     * @param  int  $next  the first place that is still free
     */
    private function leastLeft(array $left, array $last, array $first, int $next): int
    {
        $sum = 0;
        foreach ($left as $colour => $count) {
            if ($colour !== $this->evenness->filler && ($count > 0 || $last[$colour] !== null)) {
                $sum += $this->evenness->leastLeft($count, $last[$colour], $first[$colour], $next);
            }
        }

        return $sum;
    }
}
