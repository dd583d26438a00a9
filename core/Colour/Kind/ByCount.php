<?php

declare(strict_types=1);

namespace Davrin\Core\Colour\Kind;

use Davrin\Core\Colour\ColourTask;
use Davrin\Core\Colour\EvenSpread;
use Davrin\Core\Colour\LikeNeighbours;
use Davrin\Core\Colour\OneMeshEach;
use Davrin\Core\Colour\OrdersByCount;
use Davrin\Core\Colour\OtherCount;
use Davrin\Core\Colour\PaintBlank;
use Davrin\Core\Colour\SpacedRow;
use Davrin\Core\Colour\SpreadOverForm;
use Davrin\Core\Colour\SpreadOverRows;
use Davrin\Core\Concern\Concern;
use Davrin\Core\Effort\Effort;
use Davrin\Core\Material\MaterialUse;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Ties\TieRow;
use Davrin\Core\Ties\Ties;
use Davrin\Core\Words\Words;
use WeakMap;

/** So many of each, the scarce ones as far apart as can be, along each row and over all of them. */
class ByCount extends OneMeshEach implements OrdersByCount
{
    public const KEY = 'by-count';

    /** How many orders are remembered, since an edit elsewhere asks for the same again. */
    private const REMEMBERED = 32;

    /** Effort for spreading colours over anchor ties. */
    private const ANCHORS = 1_000_000;

    /** @var array<string, array{SpacedRow, int}> and what it took, by what was asked */
    private array $known = [];

    /** @var WeakMap<ColourTask, list<SpacedRow>> row by row */
    private WeakMap $rows;

    public function __construct()
    {
        $this->rows = new WeakMap;
    }

    public function key(): string
    {
        return self::KEY;
    }

    public function name(): string
    {
        return 'set counts, spread evenly';
    }

    /**
     * What is dealt in another order, as many of each, spread by count.
     *
     * @param  array<int, string>  $dealt  by the number of the tie
     * @return array<string, array<string, string>> what to write, by what to call it; nothing where there is only one
     */
    public static function instead(array $dealt): array
    {
        $counts = array_count_values($dealt);
        $written = array_map(fn (string $mesh, int $count): string => "$count $mesh", array_keys($counts), $counts);

        return count($counts) < 2 ? [] : ['As many of each, spread evenly' => [
            'order' => self::KEY,
            'material' => implode(' + ', $written),
            PaintBlank::KEY => PaintBlank::NONE,
        ]];
    }

    public function materials(MaterialUse $use, int $ties): MaterialUse
    {
        return MaterialUse::counts($ties, Ties::MOST);
    }

    public function named(ColourTask $colourTask): array
    {
        $named = [];
        foreach ($colourTask->mix->parts as [$mesh, $count]) {
            $named[$mesh] = ($named[$mesh] ?? 0) + $count;
        }

        return $named;
    }

    public function concerns(ColourTask $colourTask): array
    {
        return [
            ...$this->countsOff($colourTask),
            ...$this->fixedTooOften($colourTask),
            ...$this->meetings($colourTask),
            ...LikeNeighbours::ofRows($colourTask, $this->dealt($colourTask)),
        ];
    }

    protected function dealt(ColourTask $colourTask): array
    {
        $meshes = array_keys($this->counts($colourTask));
        $dealt = [];
        foreach ($this->rows($colourTask) as $index => $spaced) {
            foreach ($colourTask->rows[$index]->ties as $place => $tie) {
                $dealt[$tie->number] = $meshes[$spaced->order[$place]];
            }
        }

        return $dealt;
    }

    /** Whether this mesh is meant to lie next to itself, as a background is. */
    protected function isGround(ColourTask $colourTask, string $mesh): bool
    {
        return false;
    }

    /**
     * Ties that the first mesh is wanted on, before all others.
     *
     * @return list<Tie>
     */
    protected function anchors(ColourTask $colourTask): array
    {
        return [];
    }

    /**
     * @param  non-empty-list<int>  $counts
     * @param  array<int, int>  $fixed
     */
    protected function spread(TieRow $row, array $counts, array $fixed, Effort $effort): SpacedRow
    {
        $key = json_encode([count($row->ties), $row->closed, $counts, $fixed, $effort->left()], JSON_THROW_ON_ERROR);
        if (! isset($this->known[$key])) {
            $its = $effort->upTo($effort->left());
            $this->known = array_slice($this->known, 1 - self::REMEMBERED, null, true) + [
                $key => [EvenSpread::over(count($row->ties), $row->closed, $counts, $its, $fixed), $its->spent()],
            ];
        } else {
            // A remembered order costs as much effort as a computed one.
            $effort->spend($this->known[$key][1]);
        }

        return $this->known[$key][0];
    }

    /**
     * @return non-empty-array<string, int> how many of each mesh, as they are named; what is missing or too much is made up by the most
     *                 frequent, that which fills
     */
    private function counts(ColourTask $colourTask): array
    {
        $counts = $this->named($colourTask);
        while (($off = count($colourTask->ties()) - array_sum($counts)) !== 0) {
            // One at a time, so that numbers far too large come down to like ones.
            $counts[(string) array_search(max($counts), $counts, true)] += $off <=> 0;
        }
        $fixed = $this->fixed($colourTask, $counts);

        return $this->withFixed($counts + array_fill_keys(array_values($fixed), 0), $fixed);
    }

    /**
     * What stands already: what is painted, then the first mesh on its anchors, as far as there is of it.
     *
     * @param  non-empty-array<string, int>  $counts
     * @return array<int, string> by the number of the tie
     */
    private function fixed(ColourTask $colourTask, array $counts): array
    {
        $numbers = array_map(fn (Tie $tie): int => $tie->number, $colourTask->ties());
        $fixed = array_intersect_key($colourTask->painted, array_flip($numbers));
        $first = (string) array_key_first($counts);
        $anchors = array_values(
            array_filter(
                array_map(fn (Tie $tie): int => $tie->number, $this->anchors($colourTask)),
                fn (int $tie): bool => ! isset($fixed[$tie]),
            ),
        );
        $there = max(0, $counts[$first] - count(array_keys($fixed, $first, true)));
        $places = $there >= count($anchors) || $there === 0
            ? array_keys(array_slice($anchors, 0, $there))
            : array_keys(
                EvenSpread::over(count($anchors), true, [count($anchors) - $there, $there], Effort::of(self::ANCHORS))->order,
                1,
                true,
            );
        foreach ($places as $place) {
            $fixed[$anchors[$place]] = $first;
        }

        return $fixed;
    }

    /**
     * Where more of a mesh are fixed than there are, the others give way, the most frequent first.
     *
     * @param  non-empty-array<string, int>  $counts
     * @param  array<int, string>  $fixed
     * @return non-empty-array<string, int>
     */
    private function withFixed(array $counts, array $fixed): array
    {
        $standing = array_count_values($fixed);
        foreach ($standing as $mesh => $count) {
            while ($counts[$mesh] < $count) {
                $spare = array_filter(
                    $counts,
                    fn (int $its, string $other): bool => $its > ($standing[$other] ?? 0),
                    ARRAY_FILTER_USE_BOTH,
                );
                arsort($spare);
                $counts[(string) array_key_first($spare)]--;
                $counts[$mesh]++;
            }
        }

        return $counts;
    }

    /** @return list<SpacedRow> row by row */
    private function rows(ColourTask $colourTask): array
    {
        $rows = $this->rows[$colourTask] ?? $this->spaced($colourTask);
        $this->rows[$colourTask] = $rows;

        return $rows;
    }

    /** @return list<SpacedRow> row by row */
    private function spaced(ColourTask $colourTask): array
    {
        $counts = $this->counts($colourTask);
        $colours = array_flip(array_keys($counts));
        $fixed = array_map(fn (string $mesh): int => $colours[$mesh], $this->fixed($colourTask, $counts));

        $rows = new SpreadOverRows(
            $colourTask,
            fn (TieRow $row, array $share, array $here): SpacedRow => $this->spread($row, $share, $here, $colourTask->effort),
        );

        $spaced = $rows->of(array_values($counts), $fixed);

        return count($colourTask->rows) === 1
            ? $spaced
            : (new SpreadOverForm($colourTask, array_values($counts)))->improved($spaced, $fixed);
    }

    /** @return list<Concern> */
    private function countsOff(ColourTask $colourTask): array
    {
        [$ties, $named] = [count($colourTask->ties()), $colourTask->mix->count()];
        if ($ties === $named) {
            return [];
        }
        [$words, $fill] = $this->workedOut($colourTask);

        return [new Concern('counts', 'The numbers do not add up.', sprintf(
            '%s are %d, and there are %s. It is worked out with %s.',
            implode(' + ', array_column($colourTask->mix->parts, 1)),
            $named,
            Words::count($ties, 'tie'),
            $words,
        ), [], [
            "Take $words" => $fill,
        ])];
    }

    /** @return array{string, array<string, string>} the numbers it is worked out with: in words, and as they are written */
    private function workedOut(ColourTask $colourTask): array
    {
        $counts = array_filter($this->counts($colourTask));
        $words = array_map(fn (string $mesh): string => "$counts[$mesh] {$colourTask->names[$mesh]}", array_keys($counts));
        $written = array_map(fn (string $mesh): string => "$counts[$mesh] $mesh", array_keys($counts));

        return [implode(' + ', $words), ['material' => implode(' + ', $written)]];
    }

    /** @return list<Concern> */
    private function fixedTooOften(ColourTask $colourTask): array
    {
        $named = $this->named($colourTask);
        [$words, $fill] = $this->workedOut($colourTask);
        $doubts = [];
        $painted = array_intersect_key(
            $colourTask->painted,
            array_flip(array_map(fn (Tie $tie): int => $tie->number, $colourTask->ties())),
        );
        foreach (array_count_values($painted) as $mesh => $count) {
            if ($count > ($named[$mesh] ?? 0)) {
                $doubts[] = new Concern('fixed', 'More are painted than there are.', sprintf(
                    '%s painted %s, and %d named. Name more of it, or paint fewer.',
                    Words::count($count, 'tie is', 'ties are'),
                    $colourTask->names[$mesh],
                    $named[$mesh] ?? 0,
                ), array_keys($painted, $mesh, true), [
                    "Take $words" => $fill,
                    'Take the paint off' => ['painted' => PaintBlank::NONE],
                ]);
            }
        }

        return $doubts;
    }

    /** @return list<Concern> */
    private function meetings(ColourTask $colourTask): array
    {
        [$doubts, $meshes] = [[], array_keys($this->counts($colourTask))];
        foreach ($this->rows($colourTask) as $index => $spaced) {
            $row = $colourTask->rows[$index];
            $alike = array_values(
                array_filter($spaced->alike, fn (int $place): bool => ! $this->isGround($colourTask, $meshes[$spaced->order[$place]])),
            );
            $pairs = array_map(
                fn (int $place): array => [$row->ties[$place]->number, $row->ties[($place + 1) % count($row->ties)]->number],
                $alike,
            );
            if ($pairs !== []) {
                $doubts[] = $this->meeting($colourTask, $row, $spaced, $pairs);
            }
        }

        return $doubts;
    }

    /** @param  non-empty-list<array{int, int}>  $pairs */
    protected function meeting(ColourTask $colourTask, TieRow $row, SpacedRow $spaced, array $pairs): Concern
    {
        return new Concern('alike', 'Same colour side by side.', sprintf(
            '%s show the same mesh. %s', ucfirst(LikeNeighbours::pairs($pairs)), $spaced->proven
                ? 'With these numbers no order has fewer.'
                : 'No better order was found.',
        ), array_values(array_unique(array_merge(...$pairs))), [
            ...($colourTask->painted === [] ? [] : ['Take the paint off' => [PaintBlank::KEY => PaintBlank::NONE]]),
            ...OtherCount::evened($colourTask, array_keys(array_filter($this->counts($colourTask))), count($colourTask->ties())),
        ], 'It would take another mesh, or more nearly as many of each.');
    }
}
