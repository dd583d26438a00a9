<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Colour\Neighbours;
use Davrin\Core\Colour\PaintBlank;
use Davrin\Core\Concern\Concern;
use Davrin\Core\Part\Part;
use Davrin\Core\Ties\TieRow;
use Davrin\Core\Words\Words;

/**
 * Two of one mesh side by side, as two lots that cannot alternate leave them, are not seen where one of the two lies behind a sign.
 * A row whose pieces are all cut alike can be turned until they lie there.
 */
final readonly class DoublesBehindTheSign
{
    public const RULE = 'alike';

    /** @param  array<int, string>  $shown  the mesh of each tie of the part, by its number */
    private function __construct(private Part $part, private TieRow $row, private Neighbours $neighbours, private array $shown) {}

    /** Where this concern is about such doubles; null where it is about anything else. */
    public static function of(Part $part, Concern $concern): ?self
    {
        [$task, $order] = [$part->on->colourTask, $part->on->colourOrder];
        if ($concern->rule !== self::RULE || $task === null || $order === null) {
            return null;
        }
        foreach ($task->rows as $row) {
            if (array_intersect($concern->ties, self::numbers($row)) !== []) {
                return new self($part, $row, $task->neighbours, array_map(fn (array $its): string => $its[0], $order->deal($task)));
            }
        }

        return null;
    }

    /** @param  list<int>  $behind  numbers of the ties that a sign hides */
    public function areHidden(array $behind): bool
    {
        return $this->seen($this->shown, $behind) === [];
    }

    /**
     * The row turned as little as hides them all.
     *
     * @param  list<int>  $behind
     */
    public function turned(array $behind): ?Proposal
    {
        $numbers = self::numbers($this->row);
        $inOrder = array_map(fn (int $tie): string => $this->shown[$tie], $numbers);
        foreach ($this->row->closed ? self::steps(count($numbers)) : [] as $step) {
            $there = array_combine($numbers, [...array_slice($inOrder, $step), ...array_slice($inOrder, 0, $step)]);
            if ($this->seen($there + $this->shown, $behind) === []) {
                return Proposal::filling([
                    'Turn the order of '.Words::ties($numbers).', so that they lie behind the sign',
                    ["parts.{$this->part->id}.".PaintBlank::KEY => PaintBlank::typed(
                        $there + ($this->part->on->colourTask->painted ?? []),
                    )],
                ]);
            }
        }

        return null;
    }

    /**
     * @param  array<int, string>  $shown
     * @param  list<int>  $behind
     * @return list<array{int, int}> pairs that show the same mesh and are both in front of everything
     */
    private function seen(array $shown, array $behind): array
    {
        return array_values(array_filter(
            Neighbours::alike($this->neighbours->along($this->row), $shown),
            fn (array $pair): bool => array_intersect($pair, $behind) === [],
        ));
    }

    /** @return list<int> 1, the same the other way, 2, and so on */
    private static function steps(int $ties): array
    {
        $steps = range(1, max(1, $ties - 1));
        usort($steps, fn (int $a, int $b): int => min($a, $ties - $a) <=> min($b, $ties - $b));

        return $steps;
    }

    /** @return non-empty-list<int> */
    private static function numbers(TieRow $row): array
    {
        return array_map(fn ($tie): int => $tie->number, $row->ties);
    }
}
