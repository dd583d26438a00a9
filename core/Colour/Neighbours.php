<?php

declare(strict_types=1);

namespace Davrin\Core\Colour;

use Davrin\Core\Ties\Tie;
use Davrin\Core\Ties\TieRow;

/** Who is next to whom: along a row, and to each adjoining row the nearest tie there (docs/craft-figures.md, colour order). */
final readonly class Neighbours
{
    /** @param  non-empty-list<TieRow>  $rows  from the inside out */
    public function __construct(private array $rows) {}

    /** @return list<array{int, int}> numbers of ties that follow each other, the seam of a closed row last */
    public function along(TieRow $row): array
    {
        $pairs = [];
        foreach ($row->ties as $index => $tie) {
            $next = $row->ties[$index + 1] ?? ($row->closed && count($row->ties) > 2 ? $row->ties[0] : null);
            if ($next !== null) {
                $pairs[] = [$tie->number, $next->number];
            }
        }

        return $pairs;
    }

    /** @return list<array{int, int}> numbers of ties between a row and the next, each pair once, the inner one first */
    public function across(): array
    {
        $pairs = [];
        foreach (array_slice($this->rows, 1) as $index => $outer) {
            $inner = $this->rows[$index];
            foreach ($inner->ties as $tie) {
                $pairs[] = [$tie->number, self::nearest($tie, $outer->ties)->number];
            }
            foreach ($outer->ties as $tie) {
                $pairs[] = [self::nearest($tie, $inner->ties)->number, $tie->number];
            }
        }

        return array_values(array_unique($pairs, SORT_REGULAR));
    }

    /**
     * Pairs whose two ties show the same colour.
     *
     * @param  list<array{int, int}>  $pairs
     * @param  array<int, string>  $colours  by the number of the tie
     * @return list<array{int, int}>
     */
    public static function alike(array $pairs, array $colours): array
    {
        return array_values(array_filter($pairs, fn (array $pair): bool => ($colours[$pair[0]] ?? null) === ($colours[$pair[1]] ?? '')));
    }

    /** Whether two colours could be laid so that none meets its own: whether no way from tie to tie comes back after an odd number. */
    public function canBeOfTwo(): bool
    {
        $next = [];
        foreach ([...array_merge(...array_map($this->along(...), $this->rows)), ...$this->across()] as [$one, $other]) {
            $next[$one][] = $other;
            $next[$other][] = $one;
        }
        $colours = [];
        foreach (array_keys($next) as $start) {
            $colours[$start] ??= 0;
            for ($waiting = [$start]; $waiting !== [];) {
                $tie = array_pop($waiting);
                foreach ($next[$tie] as $neighbour) {
                    if (! isset($colours[$neighbour])) {
                        $colours[$neighbour] = 1 - $colours[$tie];
                        $waiting[] = $neighbour;
                    } elseif ($colours[$neighbour] === $colours[$tie]) {
                        return false;
                    }
                }
            }
        }

        return true;
    }

    /**
     * Meshes of which there is more than of all others together: they lie beside themselves whatever is done.
     *
     * @param  array<int, string>  $shown  by the number of the tie
     * @return array<string, int> how often each is there
     */
    public static function background(array $shown): array
    {
        return array_filter(array_count_values($shown), fn (int $count): bool => 2 * $count > count($shown));
    }

    /** @param  non-empty-list<Tie>  $ties */
    private static function nearest(Tie $to, array $ties): Tie
    {
        $nearest = $ties[0];
        foreach ($ties as $tie) {
            $nearest = self::apart($to, $tie) < self::apart($to, $nearest) - 1e-6 ? $tie : $nearest;
        }

        return $nearest;
    }

    public static function apart(Tie $one, Tie $other): float
    {
        return hypot($one->place->x - $other->place->x, $one->place->y - $other->place->y);
    }
}
