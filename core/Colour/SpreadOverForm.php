<?php

declare(strict_types=1);

namespace Davrin\Core\Colour;

use Davrin\Core\Effort\Effort;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Ties\TieRow;

/**
 * Spreads counted colours over all rows together, by the place of each tie along the middle line of the form. Two beginnings are
 * tried, each row by itself and all ties as one row; the better is improved by exchanging two ties at a time. What counts, one after
 * the other: fewest neighbours alike along the rows, fewest across them, the evenest gaps of scarce colours, and these in few rows.
 */
final class SpreadOverForm
{
    /** With more ties than this only ties this close together along the form are exchanged. */
    private const MANY = 60;

    private const NEAR = 10;

    /** Effort for the beginning that takes all ties as one row: it is improved afterwards, so it need not be the best. */
    private const BEGINNING = 2_000_000;

    /** Effort for each tie when an exchange is scored. */
    private const TIE = 4;

    /** Gaps that differ by less are as even. */
    private const ALIKE = 1e-9;

    /** @var non-empty-list<Tie> in the order of their places along the form */
    private readonly array $ties;

    /** @var list<float> how far along the form each of them is, from 0 to 1 */
    private readonly array $places;

    private readonly bool $closed;

    /** @var list<list<int>> by tie, the neighbours along its row */
    private readonly array $along;

    /** @var list<list<int>> by tie, the nearest of adjoining rows */
    private readonly array $across;

    private readonly int $filler;

    private readonly bool $isBackground;

    /** @param  non-empty-list<int>  $counts  how many of each colour, together as many as there are ties */
    public function __construct(private readonly ColourTask $task, private readonly array $counts)
    {
        $at = fn (Tie $tie): float => ($tie->section - 1 + $tie->along / $tie->sectionLength) / $task->form->sections->count();
        $ties = $task->ties();
        usort($ties, fn (Tie $a, Tie $b): int => [round($at($a), 6), $a->number] <=> [round($at($b), 6), $b->number]);
        $this->ties = $ties;
        $this->places = array_map($at, $ties);
        $this->closed = array_filter($task->rows, fn (TieRow $row): bool => ! $row->closed) === [];
        $this->along = $this->adjoining(array_merge(...array_map($task->neighbours->along(...), $task->rows)));
        $this->across = $this->adjoining($task->neighbours->across());
        $evenness = new Evenness(count($ties), $this->closed, $counts);
        [$this->filler, $this->isBackground] = [$evenness->filler, $evenness->isBackground];
    }

    /**
     * @param  list<SpacedRow>  $rows  each spread by itself
     * @param  array<int, int>  $fixed  colours that stand already, by the number of the tie
     * @return list<SpacedRow>
     */
    public function improved(array $rows, array $fixed): array
    {
        $byNumber = [];
        foreach ($this->task->rows as $index => $row) {
            foreach ($row->ties as $place => $tie) {
                $byNumber[$tie->number] = $rows[$index]->order[$place];
            }
        }
        $one = array_map(fn (Tie $tie): int => $byNumber[$tie->number], $this->ties);
        $two = EvenSpread::over(
            count($this->ties),
            $this->closed,
            $this->counts,
            $this->task->effort->upTo(self::BEGINNING),
            array_filter(array_map(fn (Tie $tie): ?int => $fixed[$tie->number] ?? null, $this->ties), is_int(...)),
        )->order;
        $best = $this->exchanged($this->isBetter($this->score($two), $this->score($one)) ? $two : $one, $fixed);

        return $this->byRows($best);
    }

    /**
     * @param  list<int>  $order
     * @param  array<int, int>  $fixed
     * @return list<int>
     */
    private function exchanged(array $order, array $fixed): array
    {
        [$ties, $score] = [count($order), $this->score($order)];
        $free = array_keys(array_filter($this->ties, fn (Tie $tie): bool => ! isset($fixed[$tie->number])));
        $isNear = fn (int $a, int $b): bool => $ties <= self::MANY
            || min($b - $a, $this->closed ? $ties - ($b - $a) : PHP_INT_MAX) <= self::NEAR;
        do {
            $isBetter = false;
            foreach ($free as $index => $a) {
                foreach (array_slice($free, $index + 1) as $b) {
                    if ($order[$a] === $order[$b] || ! $isNear($a, $b)) {
                        continue;
                    }
                    if ($this->task->effort->isSpent()) {
                        return $order;
                    }
                    $this->task->effort->spend(self::TIE * $ties);
                    $other = array_values(array_replace($order, [$a => $order[$b], $b => $order[$a]]));
                    $its = $this->score($other);
                    if ($this->isBetter($its, $score)) {
                        [$order, $score, $isBetter] = [$other, $its, true];
                    }
                }
            }
        } while ($isBetter);

        return $order;
    }

    /**
     * @param  list<int>  $order
     * @return array{int, int, float, int}
     */
    private function score(array $order): array
    {
        [$alike, $across] = [0, 0];
        $places = array_fill(0, count($this->counts), []);
        $rows = [];
        foreach ($order as $tie => $colour) {
            foreach ($this->along[$tie] as $other) {
                $alike += $order[$other] === $colour && ! ($this->isBackground && $colour === $this->filler) ? 1 : 0;
            }
            if ($colour !== $this->filler) {
                foreach ($this->across[$tie] as $other) {
                    $across += $order[$other] === $colour ? 1 : 0;
                }
                $places[$colour][] = $this->places[$tie];
                $rows["$colour {$this->ties[$tie]->row}"] = true;
            }
        }

        return [$alike, $across, array_sum(array_map($this->uneven(...), $places)), count($rows)];
    }

    /**
     * The sum of the squares of the gaps, which is least where they are equal, as a multiple of that least.
     *
     * @param  list<float>  $places  in order
     */
    private function uneven(array $places): float
    {
        $count = count($places);
        if ($count === 0) {
            return 0.0;
        }
        $sum = $this->closed
            ? ($places[0] + 1 - $places[$count - 1]) ** 2
            : 2 * $places[0] ** 2 + 2 * (1 - $places[$count - 1]) ** 2;
        for ($i = 1; $i < $count; $i++) {
            $sum += ($places[$i] - $places[$i - 1]) ** 2;
        }

        return $count * $sum;
    }

    /**
     * @param  array{int, int, float, int}  $one
     * @param  array{int, int, float, int}  $other
     */
    private function isBetter(array $one, array $other): bool
    {
        return match (true) {
            [$one[0], $one[1]] !== [$other[0], $other[1]] => [$one[0], $one[1]] < [$other[0], $other[1]],
            abs($one[2] - $other[2]) > self::ALIKE => $one[2] < $other[2],
            default => $one[3] < $other[3],
        };
    }

    /**
     * @param  list<int>  $order
     * @return list<SpacedRow> with their neighbours alike; that no order is better is not proven where there are any
     */
    private function byRows(array $order): array
    {
        $byNumber = array_combine(array_map(fn (Tie $tie): int => $tie->number, $this->ties), $order);

        return array_map(function (TieRow $row) use ($byNumber): SpacedRow {
            $its = array_map(fn (Tie $tie): int => $byNumber[$tie->number], $row->ties);
            $evenness = new Evenness(count($its), $row->closed, $this->counts);
            $alike = array_values(array_filter(
                range(0, count($its) - 1),
                fn (int $place): bool => $evenness->hasNext($place)
                    && $its[$place] === $its[($place + 1) % count($its)]
                    && ! ($this->isBackground && $its[$place] === $this->filler),
            ));

            return new SpacedRow($its, $alike === [], $alike);
        }, $this->task->rows);
    }

    /**
     * @param  list<array{int, int}>  $pairs  numbers of ties
     * @return list<list<int>> by the place of a tie in $ties, the places of the others
     */
    private function adjoining(array $pairs): array
    {
        $place = array_flip(array_map(fn (Tie $tie): int => $tie->number, $this->ties));
        $adjoining = array_fill(0, count($this->ties), []);
        foreach ($pairs as [$one, $other]) {
            $adjoining[$place[$one]][] = $place[$other];
        }

        return $adjoining;
    }
}
