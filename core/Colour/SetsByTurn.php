<?php

declare(strict_types=1);

namespace Davrin\Core\Colour;

use Davrin\Core\Colour\Kind\ByCount;
use Davrin\Core\Form\Form;
use Davrin\Core\Material\Mix;
use Davrin\Core\Ties\TieGroup;
use Davrin\Core\Ties\TieRow;
use Davrin\Core\Words\Words;

/** Sets of several ribbons that come by turns on some ties: as many of each, with as few like neighbours as were found. */
final readonly class SetsByTurn
{
    private const STEPS = 2_000_000;

    /** @var array<int, int> which set each tie bears, from 0, by its number */
    public array $byTie;

    /** @var list<array{int, int}> neighbours that bear the same set, by the numbers of their ties */
    public array $alike;

    /** Whether no order has fewer: every three ties that are all neighbours of each other keep one such pair of two sets. */
    public bool $isProven;

    /**
     * @param  non-empty-list<TieRow>  $rows  from the inside out
     * @param  int<2, max>  $sets
     */
    public function __construct(array $rows, TieGroup $group, Form $form, int $sets)
    {
        $ties = array_sum(array_map(fn (TieRow $row): int => count($row->ties), $rows));
        $named = array_map(fn (int $set): string => "set-$set", range(0, $sets - 1));
        $mix = Mix::of(array_map(
            fn (int $set): array => [$named[$set], intdiv($ties, $sets) + ($set < $ties % $sets ? 1 : 0)],
            array_keys($named),
        ));
        $task = new ColourTask($rows, $group, $form, $mix, 1, [], array_combine($named, $named), self::STEPS);
        $shown = array_map(fn (array $its): string => $its[0], (new ByCount)->deal($task));
        $this->byTie = array_map(fn (string $set): int => (int) array_search($set, $named, true), $shown);
        $pairs = [
            ...array_merge(...array_map(fn (TieRow $row): array => $task->neighbours->along($row), $rows)),
            ...$task->neighbours->across(),
        ];
        $this->alike = Neighbours::alike($pairs, $shown);
        $this->isProven = $this->alike === [] || ($sets === 2 && count($this->alike) <= self::triangles($pairs));
    }

    /** "9 and 9; 6 pairs of neighbours bear the same set, as few as can be" */
    public function words(): string
    {
        $counts = Words::list(array_values(array_count_values($this->byTie)));

        return $this->alike === [] ? "$counts, no two alike side by side" : sprintf(
            '%s; %s the same set, %s',
            $counts,
            Words::count(count($this->alike), 'pair of neighbours bears', 'pairs of neighbours bear'),
            $this->isProven ? 'as few as can be' : 'and no order with fewer was found',
        );
    }

    /**
     * How many triangles of neighbours were found that share no pair.
     *
     * @param  list<array{int, int}>  $pairs
     */
    private static function triangles(array $pairs): int
    {
        $next = [];
        foreach ($pairs as [$one, $other]) {
            $next[$one][$other] = $next[$other][$one] = true;
        }
        $found = 0;
        foreach ($pairs as [$one, $other]) {
            $third = isset($next[$one][$other]) ? array_key_first(array_intersect_key($next[$one], $next[$other])) : null;
            if ($third !== null) {
                unset(
                    $next[$one][$other], $next[$other][$one], $next[$one][$third], $next[$third][$one],
                    $next[$other][$third], $next[$third][$other],
                );
                $found++;
            }
        }

        return $found;
    }
}
