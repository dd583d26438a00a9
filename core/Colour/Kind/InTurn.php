<?php

declare(strict_types=1);

namespace Davrin\Core\Colour\Kind;

use Davrin\Core\Colour\ColourTask;
use Davrin\Core\Colour\LikeNeighbours;
use Davrin\Core\Colour\Neighbours;
use Davrin\Core\Colour\OneMeshEach;
use Davrin\Core\Colour\OtherCount;
use Davrin\Core\Concern\Concern;
use Davrin\Core\Ties\TieRow;
use Davrin\Core\Words\Words;

/**
 * The named meshes one after another, and again from the first. A further row begins with the one with which the fewest
 * of its ties meet their own colour in the row inside it.
 */
class InTurn extends OneMeshEach
{
    public function key(): string
    {
        return 'in-turn';
    }

    public function name(): string
    {
        return 'alternating';
    }

    public function concerns(ColourTask $colourTask): array
    {
        $meshes = $this->named($colourTask);
        $dealt = $this->dealt($colourTask);
        $shown = $colourTask->withPaint($dealt);

        return [
            ...array_merge(...array_map(fn (TieRow $row): array => array_values(array_filter([
                $this->tooLong($colourTask, $row, count($meshes)),
                $this->seam($colourTask, $row, $shown, count($meshes)),
            ])), $colourTask->rows)),
            ...LikeNeighbours::of($colourTask, $dealt, $this->otherOrders($colourTask, $shown), ByCount::instead($shown)),
        ];
    }

    /**
     * The meshes the other way round, where fewer then meet their own across rows.
     *
     * @param  array<int, string>  $dealt
     * @return array<string, array<string, string>>
     */
    protected function otherOrders(ColourTask $colourTask, array $dealt): array
    {
        $meshes = $colourTask->mix->pieces();
        $turned = [$meshes[0], ...array_reverse(array_slice($meshes, 1))];
        $across = $colourTask->neighbours->across();

        return count(Neighbours::alike($across, $this->inTurn($colourTask, $turned))) < count(Neighbours::alike($across, $dealt))
            ? [
                implode(
                    ', ',
                    array_map(fn (string $mesh): string => $colourTask->names[$mesh], $turned),
                ) => ['material' => implode(' + ', $turned)],
            ]
            : [];
    }

    /**
     * One row of meshes in turn.
     *
     * @param  non-empty-list<string>  $meshes
     * @return non-empty-list<string>
     */
    protected function row(array $meshes, TieRow $row): array
    {
        return array_map(fn (int $place): string => $meshes[$place % count($meshes)], array_keys($row->ties));
    }

    /** @return array<string, array<string, string>> what else would close the row */
    protected function moved(int $colours): array
    {
        return $colours > 2 ? ['Move one, so that no two meet' => ['order' => InTurnClosed::KEY]] : [];
    }

    /**
     * The meshes in the order that they take turns.
     *
     * @return non-empty-list<string>
     */
    protected function named(ColourTask $colourTask): array
    {
        return $colourTask->mix->pieces();
    }

    protected function dealt(ColourTask $colourTask): array
    {
        return $this->inTurn($colourTask, $this->named($colourTask));
    }

    /**
     * In turn from the first tie on, row after row.
     *
     * @param  non-empty-list<string>  $meshes
     * @return array<int, string>
     */
    private function inTurn(ColourTask $colourTask, array $meshes): array
    {
        [$dealt, $across] = [[], $colourTask->neighbours->across()];
        foreach ($colourTask->rows as $index => $row) {
            [$best, $fewest] = [[], PHP_INT_MAX];
            for ($from = 0; $from < ($index === 0 ? 1 : count($meshes)); $from++) {
                $its = array_combine(self::numbers($row), $this->row(self::begun($meshes, $from), $row));
                $alike = count(Neighbours::alike($across, $its + $dealt));
                [$best, $fewest] = $alike < $fewest ? [$its, $alike] : [$best, $fewest];
            }
            $dealt += $best;
        }

        return $dealt;
    }

    /**
     * The same meshes, starting so many places later.
     *
     * @param  non-empty-list<string>  $meshes
     * @return non-empty-list<string>
     */
    private static function begun(array $meshes, int $from): array
    {
        return array_map(fn (int $place): string => $meshes[($place + $from) % count($meshes)], array_keys($meshes));
    }

    private function tooLong(ColourTask $colourTask, TieRow $row, int $colours): ?Concern
    {
        $ties = count($row->ties);

        $named = array_slice($colourTask->mix->pieces(), 0, $ties);

        return $colours <= $ties ? null : new Concern('long-pattern', 'The pattern is longer than the row.', sprintf(
            '%d colours alternate, and the row of %s has room for %d: the others never come up there. Name %d or fewer, or put them on '
                .'more ties.', $colours, Words::ties(self::numbers($row)), $ties, $ties,
        ), self::numbers($row), $ties < 2 ? [] : [
            sprintf('The first %d only', $ties) => ['material' => implode(' + ', $named)],
        ]);
    }

    /** @param  array<int, string>  $dealt */
    private function seam(ColourTask $colourTask, TieRow $row, array $dealt, int $colours): ?Concern
    {
        $ties = count($row->ties);
        if (! $row->closed || $ties < 3 || $colours > $ties) {
            return null;
        }
        [$last, $first] = [$row->ties[$ties - 1]->number, $row->ties[0]->number];
        if ($dealt[$last] !== $dealt[$first] || $ties % $colours === 0) {
            return null;
        }

        return new Concern('seam', 'The ends meet alike.', sprintf(
            'Tie %d and tie %d are both %s: %d alternating colours do not come out even on %d ties.',
            $last, $first, $colourTask->names[$dealt[$first]], $colours, $ties,
        ), [$last, $first], [...OtherCount::closing($colourTask, $row, $colours), ...$this->moved($colours)], sprintf(
            'It would take a number of ties that %d divides, or another mesh.',
            $colours,
        ));
    }

    /** @return non-empty-list<int> */
    private static function numbers(TieRow $row): array
    {
        return array_map(fn ($tie): int => $tie->number, $row->ties);
    }
}
