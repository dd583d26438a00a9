<?php

namespace App\Drawing\Elements;

use App\Drawing\Path;
use App\Drawing\Shape;
use Davrin\Core\Form\Place;

/**
 * A bubble from tie to tie, pinched at both: the more mesh lies between the ties than their distance, the further it
 * puffs out over them.
 */
final class PoofRunShape implements ElementShape
{
    /** What of the mesh beyond the way from tie to tie shows beside them; the rest goes up, towards the eye (a guess). */
    private const PUFFS = 0.14;

    /** The bubble's half outline from one pinch over the crown to the other: along (1 is a tie), out (1 is the reach). */
    private const DOME = [[-1.0, 0.05], [-1.0, 0.36], [-0.93, 0.66], [-0.62, 0.92], [0.0, 1.0], [0.62, 0.92], [0.93, 0.66], [1.0, 0.36], [1.0, 0.05]];

    public function draw(int $seed, array $ties, float $reach, float $span): Shape
    {
        [$from, $to] = [$ties[0], $ties[1] ?? $ties[0]];
        $half = hypot($to->x - $from->x, $to->y - $from->y) / 2;
        $puff = $half + max(0.0, $span - $half) * self::PUFFS;
        $bubble = fn (float $size, int $side): array => array_map(
            fn (array $point): array => $this->at($from, $to, $size * $point[0] * ($half + ($puff - $half) * min(1.0, $point[1] * 1.7)), $side * $size * $reach * $point[1] * (1 + 0.03 * sin($seed * 1.9 + $side + 5 * $point[0]))),
            self::DOME,
        );

        return new Shape(
            Path::smooth([...$bubble(1.0, 1), ...array_reverse($bubble(1.0, -1))], closed: true),
            $this->gathers($from, $to, $half, $puff, $reach),
            $this->pinch($from, $to, $half, $reach, -1).$this->pinch($from, $to, $half, $reach, 1),
            Path::smooth([...$bubble(0.55, 1), ...array_reverse($bubble(0.55, -1))], closed: true),
        );
    }

    /** Fine gathers fanning out from both ties. */
    private function gathers(Place $from, Place $to, float $half, float $puff, float $reach): string
    {
        $paths = '';
        foreach ([-1, 1] as $end) {
            foreach ([-0.75, -0.45, -0.18, 0.18, 0.45, 0.75] as $out) {
                $paths .= Path::bend(
                    $this->at($from, $to, $end * $half * 0.98, $out * $reach * 0.06),
                    $this->at($from, $to, $end * $puff * 0.98, $out * $reach * 0.55),
                    $this->at($from, $to, $end * $puff * 0.62, $out * $reach * 0.88),
                );
            }
        }

        return $paths;
    }

    /** The dark of the gathers at a tie. */
    private function pinch(Place $from, Place $to, float $half, float $reach, int $end): string
    {
        return Path::closed(array_map(
            fn (array $point): array => $this->at($from, $to, $end * $half * $point[0], $reach * $point[1]),
            [[1.0, 0.0], [0.95, 0.5], [0.72, 0.2], [0.66, 0.0], [0.72, -0.2], [0.95, -0.5]],
        ));
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
