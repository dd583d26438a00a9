<?php

declare(strict_types=1);

namespace Davrin\Core\Colour;

use Closure;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Ties\TieRow;

/**
 * Spreads counted colours over one row or several. Each row gets its share by its number of ties, and is turned against the rows
 * inside it so that like colours rarely meet and scarce ones lie far apart.
 */
final readonly class SpreadOverRows
{
    /**
     * @param  Closure(TieRow, non-empty-list<int>, array<int, int>): SpacedRow  $spread  lays so many of each along a row, round what
     *                 stands there already
     */
    public function __construct(private ColourTask $colourTask, private Closure $spread) {}

    /**
     * @param  non-empty-list<int>  $left  how many of each colour, together as many as there are ties
     * @param  array<int, int>  $fixed  colours that stand already, by the number of the tie
     * @return list<SpacedRow> row by row
     */
    public function of(array $left, array $fixed): array
    {
        [$spaced, $shown, $ties] = [[], [], count($this->colourTask->ties())];
        foreach ($this->colourTask->rows as $index => $row) {
            [$here, $later] = [[], []];
            foreach ($this->colourTask->rows as $other => $its) {
                foreach ($other < $index ? [] : $its->ties as $place => $tie) {
                    if (isset($fixed[$tie->number])) {
                        $other === $index ? $here[$place] = $fixed[$tie->number] : $later[] = $fixed[$tie->number];
                    }
                }
            }
            $share = self::share($left, count($row->ties), $ties, array_count_values($here), array_count_values($later));
            $order = ($this->spread)($row, $share, $here);
            $spaced[] = $order = $here === [] && $row->closed && $index > 0 ? $this->turned($row, $order, $shown) : $order;
            foreach ($row->ties as $place => $tie) {
                $shown[$tie->number] = $order->order[$place];
            }
            $left = array_map(fn (int $count, int $taken): int => $count - $taken, $left, $share);
            $ties -= count($row->ties);
        }

        return $spaced;
    }

    /**
     * What a row takes of each: as its ties go of all that are left, the largest remainders rounded up, what is fixed in it at
     * least and what is fixed in later rows left for them.
     *
     * @param  list<int>  $left
     * @param  array<int, int>  $here
     * @param  array<int, int>  $later
     * @return non-empty-list<int>
     */
    private static function share(array $left, int $ties, int $of, array $here, array $later): array
    {
        $share = array_map(
            fn (int $count, int $colour): int => min(
                $count - ($later[$colour] ?? 0),
                max($here[$colour] ?? 0, intdiv($count * $ties, $of)),
            ),
            $left,
            array_keys($left),
        );
        while (($off = $ties - array_sum($share)) !== 0) {
            // How far each colour is from its share, the farthest first.
            $due = array_map(fn (int $count, int $colour): int => $count * $ties - $share[$colour] * $of, $left, array_keys($left));
            $may = array_filter(
                $due,
                fn (int $colour): bool => $off > 0
                    ? $share[$colour] < $left[$colour] - ($later[$colour] ?? 0)
                    : $share[$colour] > ($here[$colour] ?? 0),
                ARRAY_FILTER_USE_KEY,
            );
            $off > 0 ? arsort($may) : asort($may);
            $share[(int) array_key_first($may)] += $off <=> 0;
        }

        return $share === [] ? [0] : array_values($share);
    }

    /**
     * The same order begun at another tie, so that as few as can be meet their own colour in the row inside it, what fills left
     * aside, and then so that these lie far from their own.
     *
     * @param  array<int, int>  $shown  what the rows inside it show, by the number of the tie
     */
    private function turned(TieRow $row, SpacedRow $spaced, array $shown): SpacedRow
    {
        $counts = array_count_values($spaced->order);
        arsort($counts);
        $filler = array_key_first($counts);
        $ties = count($row->ties);
        $closeness = $this->closeness($row, array_filter($shown, fn (int $colour): bool => $colour !== $filler));
        $across = $this->colourTask->neighbours->across();
        [$best, $least] = [0, INF];
        for ($turn = 0; $turn < $ties; $turn++) {
            [$its, $close] = [[], 0.0];
            foreach ($row->ties as $place => $tie) {
                $its[$tie->number] = $spaced->order[($place + $turn) % $ties];
                $close += $closeness[$place][$its[$tie->number]] ?? 0.0;
            }
            $meet = count(
                Neighbours::alike(
                    $across,
                    array_map(strval(...), array_filter($its + $shown, fn (int $colour): bool => $colour !== $filler)),
                ),
            );
            [$best, $least] = 1000.0 * $meet + $close < $least - 1e-9 ? [$turn, 1000.0 * $meet + $close] : [$best, $least];
        }

        return $spaced->begunAt($best);
    }

    /**
     * How close each tie of a row is to those inside it that show a colour: what lies far off counts little.
     *
     * @param  array<int, int>  $shown  by the number of the tie
     * @return list<array<int, float>> by place and colour
     */
    private function closeness(TieRow $row, array $shown): array
    {
        $inner = array_filter($this->colourTask->ties(), fn (Tie $tie): bool => isset($shown[$tie->number]));

        return array_map(function (Tie $tie) use ($inner, $shown): array {
            $close = [];
            foreach ($inner as $other) {
                $colour = $shown[$other->number];
                $close[$colour] = ($close[$colour] ?? 0.0) + 1 / max(0.1, Neighbours::apart($tie, $other)) ** 2;
            }

            return $close;
        }, $row->ties);
    }
}
