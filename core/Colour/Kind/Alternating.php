<?php

declare(strict_types=1);

namespace Davrin\Core\Colour\Kind;

use Davrin\Core\Colour\ColourTask;
use Davrin\Core\Colour\LikeNeighbours;
use Davrin\Core\Colour\OtherCount;
use Davrin\Core\Colour\PaintBlank;
use Davrin\Core\Colour\SpacedRow;
use Davrin\Core\Concern\Concern;
use Davrin\Core\Effort\Effort;
use Davrin\Core\Ties\TieRow;
use Davrin\Core\Words\Words;

/**
 * Two runs of one colour that do not match: strictly in turn all the way round. Where there is more of one, its doubles fall
 * where they are least seen, which is low down (a guess: the eye goes to the top and the sides first).
 */
final class Alternating extends ByCount
{
    public const KEY = 'alternating';

    public function key(): string
    {
        return self::KEY;
    }

    public function name(): string
    {
        return 'set counts, strictly alternating';
    }

    protected function spread(TieRow $row, array $counts, array $fixed, Effort $effort): SpacedRow
    {
        $there = array_keys(array_filter($counts));
        if (count($there) !== 2 || $fixed !== [] || ! $row->closed) {
            return parent::spread($row, $counts, $fixed, $effort);
        }
        [$more, $fewer] = $counts[$there[0]] >= $counts[$there[1]] ? $there : array_reverse($there);
        $doubles = $counts[$more] - $counts[$fewer];
        $places = $doubles > $counts[$fewer] ? null : self::low($row, $counts[$fewer], $doubles);
        if ($places === null) {
            return parent::spread($row, $counts, $fixed, $effort);
        }
        $order = array_values(array_replace(array_fill(0, count($row->ties), $more), array_fill_keys($places, $fewer)));

        return new SpacedRow(
            $order,
            true,
            array_values(
                array_filter(array_keys($order), fn (int $place): bool => $order[$place] === $order[($place + 1) % count($order)]),
            ),
        );
    }

    protected function meeting(ColourTask $colourTask, TieRow $row, SpacedRow $spaced, array $pairs): Concern
    {
        $ties = count($row->ties);
        $numbers = array_values(array_count_values($spaced->order));
        rsort($numbers);
        $meshes = array_values(array_unique(array_column($colourTask->mix->parts, 0)));

        return new Concern(
            'alike',
            'They cannot alternate.',
            sprintf(
                '%s cannot alternate all the way round %s: %s show the same mesh%s.',
                Words::list($numbers), Words::count($ties, 'tie'), LikeNeighbours::pairs($pairs), count($meshes) === 2
                    ? ', low down where it is least seen'
                    : '',
            ),
            array_values(array_unique(array_merge(...$pairs))),
            $this->waysOut($colourTask, $row, $meshes),
            'It would take an even number of ties in each row, half of them of each mesh.',
        );
    }

    /**
     * @param  list<string>  $meshes
     * @return array<string, array<string, string>>
     */
    private function waysOut(ColourTask $colourTask, TieRow $row, array $meshes): array
    {
        $all = count($colourTask->ties());
        $ways = OtherCount::evened($colourTask, $meshes, $all);
        if ($colourTask->painted !== []) {
            $bare = [PaintBlank::KEY => PaintBlank::NONE];
            $ways = ['Take the paint off' => $bare] + $ways;
            foreach (OtherCount::evened($colourTask, $meshes, $all) as $label => $written) {
                $ways["$label, and nothing painted"] = $written + $bare;
            }
        }
        foreach (count($row->ties) % 2 === 0 ? [] : OtherCount::closing($colourTask, $row, 2) as $label => $written) {
            $count = $all - count($row->ties) + (int) $label;
            $ways[$label] = $written + (array_values(OtherCount::evened($colourTask, $meshes, $count))[0] ?? []);
        }

        return $ways;
    }

    /**
     * Places for the fewer, two on from each other and three where a double of the other lies between, so that doubles lie as
     * low as they can.
     *
     * @return ?list<int>
     */
    private static function low(TieRow $row, int $fewer, int $doubles): ?array
    {
        $ties = count($row->ties);
        [$best, $lowest] = [null, -INF];
        for ($start = 0; $start < min(3, $ties); $start++) {
            // The number of steps and of doubles so far gives the place; only how low the doubles lie, and whether the last step
            // was one, has to be kept.
            $reached = [[0 => [0.0, 0]]];
            for ($step = 0; $step < $fewer; $step++) {
                foreach ($reached[$step] as $used => [$low]) {
                    $place = $start + 2 * $step + $used;
                    foreach ([0, 1] as $double) {
                        $its = $low + ($double === 1 ? self::lowness($row, $place + 1) : 0.0);
                        if ($used + $double <= $doubles && $its > ($reached[$step + 1][$used + $double][0] ?? -INF)) {
                            $reached[$step + 1][$used + $double] = [$its, $double];
                        }
                    }
                }
            }
            $low = $reached[$fewer][$doubles][0] ?? -INF;
            $places = isset($reached[$fewer][$doubles]) ? self::back($reached, $fewer, $doubles, $start, $ties) : null;
            [$best, $lowest] = $low > $lowest + 1e-9 ? [$places, $low] : [$best, $lowest];
        }

        return $best;
    }

    /**
     * The places of the fewer, from the last step back to the first.
     *
     * @param  array<int, array<int, array{float, int}>>  $reached  by step and by doubles so far: how low they lie, and whether the
     *                 last step left one
     * @return list<int>
     */
    private static function back(array $reached, int $step, int $used, int $start, int $ties): array
    {
        $places = [];
        while ($step > 0) {
            $used -= $reached[$step][$used][1];
            $step--;
            $places[] = ($start + 2 * $step + $used) % $ties;
        }

        return array_reverse($places);
    }

    /** How low a tie and the next one lie, in inches below the middle of the form. */
    private static function lowness(TieRow $row, int $place): float
    {
        $ties = count($row->ties);

        return ($row->ties[$place % $ties]->place->y + $row->ties[($place + 1) % $ties]->place->y) / 2;
    }
}
