<?php

declare(strict_types=1);

namespace Davrin\Core\Colour;

use Davrin\Core\Concern\Concern;
use Davrin\Core\Ties\TieRow;
use Davrin\Core\Words\Words;

/** Finds neighbours of one colour that were meant to be apart: beside ties painted by hand, and across rows. */
final readonly class LikeNeighbours
{
    /** More pairs than these are counted, not named. */
    private const NAMED = 4;

    /** @var array<int, string> what each tie shows, by its number */
    private array $shown;

    /** @param  array<int, string>  $unpainted  and what it would show had nothing been painted */
    private function __construct(private ColourTask $colourTask, private array $unpainted)
    {
        $this->shown = $colourTask->withPaint($unpainted);
    }

    /**
     * Beside painted ties and across rows.
     *
     * @param  array<int, string>  $unpainted
     * @param  array<string, array<string, string>>  $otherOrders  in which fewer meet: what to write, by what to call it
     * @param  array<string, array<string, string>>  $otherWays  what else may part them
     * @return list<Concern>
     */
    public static function of(ColourTask $colourTask, array $unpainted, array $otherOrders = [], array $otherWays = []): array
    {
        return [
            ...self::ofPaint($colourTask, $unpainted),
            ...(new self($colourTask, $unpainted))->across($otherOrders, $otherWays),
        ];
    }

    /**
     * Only beside painted ties: where the order itself puts like next to like, that is intended.
     *
     * @param  array<int, string>  $unpainted
     * @return list<Concern>
     */
    public static function ofPaint(ColourTask $colourTask, array $unpainted): array
    {
        return (new self($colourTask, $unpainted))->beside();
    }

    /**
     * Across rows only.
     *
     * @param  array<int, string>  $unpainted
     * @return list<Concern>
     */
    public static function ofRows(ColourTask $colourTask, array $unpainted): array
    {
        return (new self($colourTask, $unpainted))->across([], []);
    }

    /** @return list<Concern> a tie painted like its neighbour */
    private function beside(): array
    {
        $pairs = [];
        foreach ($this->colourTask->rows as $row) {
            foreach (Neighbours::alike($this->colourTask->neighbours->along($row), $this->shown) as $pair) {
                if (
                    Neighbours::alike([$pair], $this->unpainted) === []
                    && array_intersect_key($this->colourTask->painted, array_flip($pair)) !== []
                ) {
                    $pairs[] = $pair;
                }
            }
        }
        if ($pairs === []) {
            return [];
        }
        $painted = array_values(
            array_filter(array_unique(array_merge(...$pairs)), fn (int $tie): bool => isset($this->colourTask->painted[$tie])),
        );

        return [new Concern('beside', 'Painted like its neighbour.', ucfirst(self::pairs($pairs))
            .' show the same mesh.', array_values(array_unique(array_merge(...$pairs))), [
                ...$this->exchanged($painted[0]),
                'Take the paint off '.Words::ties($painted) => [
                    'painted' => PaintBlank::typed(array_diff_key($this->colourTask->painted, array_flip($painted))),
                ],
            ])];
    }

    /**
     * The painted tie and the nearest in its row with which it changes places so that neither meets its own.
     *
     * @return array<string, array<string, string>>
     */
    private function exchanged(int $tie): array
    {
        $row = array_values(array_filter($this->colourTask->rows, fn (TieRow $row): bool => in_array($tie, self::numbers($row), true)))[0];
        $numbers = self::numbers($row);
        $place = (int) array_search($tie, $numbers, true);
        $away = fn (int $other): int => abs(array_search($other, self::numbers($row), true) - $place);
        usort($numbers, fn (int $a, int $b): int => $away($a) <=> $away($b));
        $along = $this->colourTask->neighbours->along($row);
        // A mesh that the order itself puts next to itself is a background.
        $ground = array_map(fn (array $pair): string => $this->unpainted[$pair[0]], Neighbours::alike($along, $this->unpainted));
        foreach (array_slice($numbers, 1) as $other) {
            $tried = array_replace($this->shown, [$tie => $this->shown[$other], $other => $this->shown[$tie]]);
            if (
                $this->shown[$other] !== $this->shown[$tie]
                && Neighbours::alike($along, array_filter($tried, fn (string $mesh): bool => ! in_array($mesh, $ground, true))) === []
            ) {
                $painted = array_replace($this->colourTask->painted, [$tie => $this->shown[$other], $other => $this->shown[$tie]]);
                ksort($painted);

                return [sprintf('Swap ties %d and %d', min($tie, $other), max($tie, $other)) => ['painted' => PaintBlank::typed($painted)]];
            }
        }

        return [];
    }

    /**
     * Like across rows, of what is no background.
     *
     * @param  array<string, array<string, string>>  $otherOrders
     * @param  array<string, array<string, string>>  $otherWays
     * @return list<Concern>
     */
    private function across(array $otherOrders, array $otherWays): array
    {
        $background = Neighbours::background($this->shown);
        $pairs = Neighbours::alike(
            $this->colourTask->neighbours->across(),
            array_filter($this->shown, fn (string $mesh): bool => ! isset($background[$mesh])),
        );

        return $pairs === [] ? [] : [new Concern(
            'across-rows',
            'Same colour behind the same colour.',
            sprintf(
                '%s show the same mesh one behind the other.%s',
                ucfirst(self::pairs($pairs)),
                $otherOrders === [] ? '' : sprintf(' In the order %s fewer do.', array_key_first($otherOrders)),
            ),
            array_values(array_unique(array_merge(...$pairs))),
            [...$otherOrders, ...Swaps::parting($this->colourTask, $this->shown, $this->unpainted), ...$otherWays],
            count(array_unique($this->shown)) === 2 && ! $this->colourTask->neighbours->canBeOfTwo()
                ? 'With two meshes some always meet on these rows. A third gives room to part them.'
                : 'No exchange that was tried parts them all. Another mesh, or other numbers of each, would give more room.',
        )];
    }

    /** @param  non-empty-list<array{int, int}>  $pairs */
    public static function pairs(array $pairs): string
    {
        $more = count($pairs) - self::NAMED;

        return 'ties '.implode('; ', array_map(fn (array $pair): string => "$pair[0] and $pair[1]", array_slice($pairs, 0, self::NAMED)))
            .($more > 0 ? sprintf('; and %s more', Words::count($more, 'pair')) : '');
    }

    /** @return non-empty-list<int> */
    private static function numbers(TieRow $row): array
    {
        return array_map(fn ($tie): int => $tie->number, $row->ties);
    }
}
