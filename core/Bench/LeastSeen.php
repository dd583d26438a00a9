<?php

declare(strict_types=1);

namespace Davrin\Core\Bench;

use Davrin\Core\Demand\Element;
use Davrin\Core\Geometry\Board;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Part\HidesWhatIsBehind;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Ties\Tie;

/** Which elements are seen least: behind a sign, behind a bow or what else stands on the front, then the lower ones (a guess). */
final class LeastSeen
{
    /**
     * @param  list<Element>  $elements
     * @return list<Element> the one that is seen least first
     */
    public static function first(Plan $plan, array $elements): array
    {
        $ranked = array_map(fn (Element $element): array => [self::rank($plan, $element), $element], $elements);
        usort($ranked, fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column($ranked, 1);
    }

    /**
     * So many of them to be of another colour: what is hidden first, then spread evenly over the others, so that it looks meant; a single
     * one where it is seen least.
     *
     * @param  list<Element>  $elements  in the order they stand
     * @return list<Element>
     */
    public static function spread(Plan $plan, array $elements, int $count): array
    {
        $hidden = array_slice(self::behindTheSign($plan, $elements), 0, $count);
        $open = array_values(array_filter($elements, fn (Element $element): bool => ! in_array($element, $hidden, true)));
        $more = min($count - count($hidden), count($open));

        return match ($more) {
            0 => $hidden,
            1 => [...$hidden, self::first($plan, $open)[0]],
            default => [...$hidden, ...array_map(
                fn (int $at): Element => $open[intdiv((2 * $at + 1) * count($open), 2 * $more)],
                range(0, $more - 1),
            )],
        };
    }

    /**
     * @param  list<Element>  $elements
     * @return list<Element> those that lie behind a sign
     */
    public static function behindTheSign(Plan $plan, array $elements): array
    {
        $signs = self::signs($plan);

        return array_values(array_filter($elements, fn (Element $element): bool => self::isBehind($plan, $element, $signs)));
    }

    /** @return array{int, float, int} */
    private static function rank(Plan $plan, Element $element): array
    {
        $others = array_merge([], ...array_map(
            fn (Part $part): array => $part->id === $element->part || $part->kind instanceof HidesWhatIsBehind ? [] : $part->room(),
            $plan->parts,
        ));

        return [
            match (true) {
                self::isBehind($plan, $element, self::signs($plan)) => 0,
                self::isBehind($plan, $element, $others) => 1,
                default => 2,
            },
            -round(self::place($plan, $element)->y ?? 0.0, 2),
            $element->number,
        ];
    }

    /** @return list<Board> */
    private static function signs(Plan $plan): array
    {
        $boards = [];
        foreach ($plan->parts as $part) {
            $boards = $part->kind instanceof HidesWhatIsBehind ? [...$boards, $part->kind->board($part->on)] : $boards;
        }

        return $boards;
    }

    /** @param  list<Board>  $boards */
    private static function isBehind(Plan $plan, Element $element, array $boards): bool
    {
        $place = self::place($plan, $element);

        return $place !== null && array_filter($boards, fn (Board $board): bool => $board->holds($place->point())) !== [];
    }

    private static function place(Plan $plan, Element $element): ?Place
    {
        $ties = array_filter($plan->ties->all(), fn (Tie $tie): bool => $tie->number === ($element->ties[0] ?? 0));

        return (array_values($ties)[0] ?? null)->place ?? $element->place;
    }
}
