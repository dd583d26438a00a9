<?php

declare(strict_types=1);

namespace Davrin\Core\Compute;

use Davrin\Core\Demand\BuildStep;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Demand\Element;
use Davrin\Core\Part\FlatOnTheForm;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Ties\TieRow;

/**
 * Flat pieces go on from the outside in, each row with its ribbon before the next row covers its ties (docs/craft-figures.md). So the last
 * step of such a part, and of ribbon on its ties, is done row by row. The last row done keeps the key of the whole.
 */
final class RowByRow
{
    /**
     * @return array<string, list<BuildStep>> instead of the last step of a part, by the id of the part
     */
    public static function of(Plan $plan): array
    {
        $flat = array_filter($plan->parts, fn (Part $part): bool => $part->kind instanceof FlatOnTheForm);
        $rows = self::rows($flat);
        if (count($rows) < 2) {
            return [];
        }
        [$steps, $before] = [[], []];
        foreach ($rows as $number => $ties) {
            // First what lies flat on this row, then what is tied on it.
            foreach ([true, false] as $isFlat) {
                $done = [];
                foreach ($plan->parts as $part) {
                    $step = ($part->kind instanceof FlatOnTheForm) === $isFlat ? self::step($part, $number, $ties, $rows) : null;
                    if ($step !== null) {
                        $steps[$part->id][] = $step->after([...$step->after, ...$before]);
                        $done[] = $step->key;
                    }
                }
                $before = $done === [] ? $before : $done;
            }
        }

        return $steps;
    }

    /**
     * The ties of flat parts, row by row from the outside in.
     *
     * @param  array<int, Part>  $flat
     * @return list<list<int>> by number
     */
    private static function rows(array $flat): array
    {
        $rows = [];
        foreach ($flat as $part) {
            foreach ($part->on->rows as $row) {
                $rows[] = [
                    -array_sum(array_map(fn (Tie $tie): float => round($tie->place->out(), 2), $row->ties)) / count($row->ties),
                    self::numbers($row),
                ];
            }
        }
        usort($rows, fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_values(array_unique(array_column($rows, 1), SORT_REGULAR));
    }

    /**
     * The last step of a part for one of the rows; null where it has nothing there, or is no ribbon.
     *
     * @param  list<int>  $ties
     * @param  non-empty-list<list<int>>  $rows
     */
    private static function step(Part $part, int $number, array $ties, array $rows): ?BuildStep
    {
        $on = fn (Element $element): ?int => self::rowOf($element, $rows);
        $its = array_values(array_filter($part->demand->elements, fn (Element $element): bool => $on($element) === $number));
        $steps = $part->demand->steps;
        $last = $steps === [] ? null : $steps[count($steps) - 1];
        $isRibbon = ! $part->size->standsOut() && $part->on->ties() !== [] && $part->on->wound() !== [];
        if ($its === [] || $last === null || ! ($part->kind instanceof FlatOnTheForm || $isRibbon)) {
            return null;
        }
        $remaining = array_filter($part->demand->elements, fn (Element $element): bool => ($on($element) ?? -1) > $number);
        $own = $part->kind->steps($part->on, Demand::ofElements($its));
        $words = [0 => 'outer', count($rows) - 1 => 'inner'][$number] ?? 'middle';

        return new BuildStep(
            $remaining === [] ? $last->key : "$last->key.row$number",
            $last->phase,
            rtrim($own[count($own) - 1]->does, '.').": the $words row.",
            $last->tool,
            array_column($its, 'id'),
            $last->minutes * count($its) / count($part->demand->elements),
            $last->cautions,
            $last->after,
        );
    }

    /** @param  non-empty-list<list<int>>  $rows */
    private static function rowOf(Element $element, array $rows): ?int
    {
        foreach ($rows as $number => $ties) {
            if (in_array($element->ties[0] ?? 0, $ties, true)) {
                return $number;
            }
        }

        return null;
    }

    /** @return list<int> */
    private static function numbers(TieRow $row): array
    {
        return array_map(fn (Tie $tie): int => $tie->number, $row->ties);
    }
}
