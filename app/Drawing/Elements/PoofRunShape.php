<?php

namespace App\Drawing\Elements;

use App\Drawing\Patch;
use App\Drawing\Path;
use App\Drawing\Piece;
use App\Drawing\Shape;
use Davrin\Core\Form\Place;

/**
 * A bubble from tie to tie, pinched at both: the more mesh lies between the ties than their distance, the further it
 * puffs out over them. Strands tied together lie in each other; a filling pass bows out into the space between its row and
 * the next.
 */
final class PoofRunShape implements ElementShape
{
    /** What of the mesh beyond the way from tie to tie shows beside them; the rest goes up, towards the eye (a guess). */
    private const PUFFS = 0.14;

    /** The bubble's half outline from one pinch over the crown to the other: along (1 is a tie), out (1 is the reach). */
    private const DOME = [[-1.0, 0.05], [-1.0, 0.36], [-0.93, 0.66], [-0.62, 0.92], [0.0, 1.0], [0.62, 0.92], [0.93, 0.66], [1.0, 0.36], [1.0, 0.05]];

    /** How far out a filling pass bows, and how large it is there, as parts of the reach. */
    private const BOWS = 0.62;

    private const FILLS = 0.42;

    public function draw(Piece $piece): Shape
    {
        $patches = [];
        foreach (range(0, max(0, $piece->pieces() - 1)) as $strand) {
            $patches[] = $this->bubble($piece, $strand, 1 - 0.27 * $strand);
        }

        return new Shape($patches);
    }

    private function bubble(Piece $piece, int $strand, float $size): Patch
    {
        $from = $piece->tie();
        $to = $piece->ties[1] ?? $from;
        $half = hypot($to->x - $from->x, $to->y - $from->y) / 2;
        $puff = $half + max(0.0, $piece->span() - $half) * self::PUFFS;
        $reach = $piece->reach() * ($piece->pass > 0 ? self::FILLS : 1.0);
        $bow = $piece->pass > 0 ? $piece->reach() * self::BOWS : 0.0;
        $at = fn (float $along, float $out): array => $this->at($from, $to, $along, $out * $size + $bow * (1 - min(1.0, ($along / max($half, 0.01)) ** 2)));
        $dome = fn (float $part, int $side): array => array_map(
            fn (array $point): array => $at($part * $point[0] * ($half + ($puff - $half) * min(1.0, $point[1] * 1.7)), $side * $part * $reach * $point[1] * (1 + 0.03 * sin($piece->seed * 1.9 + $side + 5 * $point[0] + $strand))),
            self::DOME,
        );

        return new Patch(
            $strand,
            Path::smooth([...$dome(1.0, 1), ...array_reverse($dome(1.0, -1))], closed: true),
            $this->gathers($at, $half, $puff, $reach),
            $this->pinch($at, $half, $reach, -1).$this->pinch($at, $half, $reach, 1),
            Path::smooth([...$dome(0.55, 1), ...array_reverse($dome(0.55, -1))], closed: true),
        );
    }

    /**
     * Fine gathers fanning out from both ties.
     *
     * @param  callable(float, float): array{float, float}  $at
     */
    private function gathers(callable $at, float $half, float $puff, float $reach): string
    {
        $paths = '';
        foreach ([-1, 1] as $end) {
            foreach ([-0.75, -0.45, -0.18, 0.18, 0.45, 0.75] as $out) {
                $paths .= Path::bend($at($end * $half * 0.98, $out * $reach * 0.06), $at($end * $puff * 0.98, $out * $reach * 0.55), $at($end * $puff * 0.62, $out * $reach * 0.88));
            }
        }

        return $paths;
    }

    /**
     * The dark of the gathers at a tie.
     *
     * @param  callable(float, float): array{float, float}  $at
     */
    private function pinch(callable $at, float $half, float $reach, int $end): string
    {
        return Path::closed(array_map(fn (array $point): array => $at($end * $half * $point[0], $reach * $point[1]), [[1.0, 0.0], [0.95, 0.5], [0.72, 0.2], [0.66, 0.0], [0.72, -0.2], [0.95, -0.5]]));
    }

    /**
     * $along inches from the middle between the ties towards the second, and $out inches outward there. On a round row it
     * follows the row's own curve.
     *
     * @return array{float, float}
     */
    private function at(Place $from, Place $to, float $along, float $out): array
    {
        $half = max(hypot($to->x - $from->x, $to->y - $from->y) / 2, 0.01);
        $part = ($along / $half + 1) / 2;
        $turn = fmod($to->outward - $from->outward + 540.0, 360.0) - 180.0;
        if (abs($from->bend) > 1e-6 && abs($turn) > 0.01) {
            return $from->beside($part * deg2rad($turn) / $from->bend, $out);
        }
        // Straight across; outward lies to the side that the row has there.
        [$x, $y] = [($to->x - $from->x) / (2 * $half), ($to->y - $from->y) / (2 * $half)];
        $outward = deg2rad($from->outward + $turn / 2);
        $side = ($y * sin($outward) + $x * cos($outward)) < 0 ? -1 : 1;

        return [$from->x + ($to->x - $from->x) * $part + $side * $out * $y, $from->y + ($to->y - $from->y) * $part - $side * $out * $x];
    }
}
