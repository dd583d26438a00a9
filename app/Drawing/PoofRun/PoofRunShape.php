<?php

namespace App\Drawing\PoofRun;

use App\Drawing\Elements\ElementShape;
use App\Drawing\Patch;
use App\Drawing\Path;
use App\Drawing\Piece;
use App\Drawing\Shape;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Geometry\Point;

/**
 * A bubble from tie to tie, gathered at both: its folds run from one gather over the crown to the other, between the woven
 * edges that lie inward and outward. The more mesh lies between the ties than their distance, the further it puffs out over
 * them. Strands tied together are pulled apart, one outward and one inward; a filling pass bows out into the space between
 * its row and the next.
 */
final class PoofRunShape implements ElementShape
{
    /** What of the mesh beyond the way from tie to tie shows beside them; the rest goes up, towards the eye (a guess). */
    private const PUFFS = 0.14;

    /** How far out a filling pass bows, and how large it is there, as parts of the reach. */
    private const BOWS = 0.62;

    private const FILLS = 0.42;

    /** How far out the strands of a run are pulled, and how large each is then, as parts of the reach; the last lies on top. */
    private const APART = [1 => [[0.0, 1.0]], 2 => [[0.3, 0.7], [-0.3, 0.7]], 3 => [[0.4, 0.6], [-0.4, 0.6], [0.0, 0.5]]];

    /** The folds, as parts of the way from the middle of the bubble to its woven edge, and how far each runs up the bubble. */
    private const FOLDS = [[-0.8, 70], [-0.58, 50], [-0.36, 74], [-0.12, 48], [0.12, 72], [0.36, 52], [0.58, 76], [0.8, 54]];

    /** Between which folds the light falls, and how far up it goes. */
    private const CRESTS = [[0.6, 0.78, 84], [0.14, 0.34, 80], [-0.34, -0.14, 72]];

    /** Just within the outline, where the woven edge turns over. */
    private const WOVEN_EDGE = 0.9;

    /**
     * How much wider a bubble on a round row is at its outer end, and narrower at its inner, where that lies as far again from the row
     * as the row from the middle (guesses).
     */
    private const OPENS = [-1 => 0.45, 0 => 0.0, 1 => 0.8];

    /** How far the woven edge waves, in inches, where the ties are two inches apart or more. */
    private const WAVE = 0.11;

    /** Degrees on from one gather to the other at which the woven edge waves out or in. */
    private const RIM = [12, 25, 40, 54, 68, 83, 97, 112, 126, 140, 155, 168];

    public function draw(Piece $piece): Shape
    {
        $patches = [];
        foreach (self::APART[max(1, min(3, $piece->pieces()))] as $strand => [$out, $size]) {
            $patches[] = $this->bubble($piece, $strand, $out, $size);
        }

        return new Shape($patches);
    }

    private function bubble(Piece $piece, int $strand, float $pulled, float $size): Patch
    {
        $from = $piece->tie();
        $to = $piece->ties[1] ?? $from;
        $half = $from->point()->distanceTo($to->point()) / 2;
        $puff = max(0.0, $piece->span() - $half) * self::PUFFS;
        $reach = $piece->reach() * ($piece->pass > 0 ? self::FILLS : $size);
        $bow = $piece->reach() * ($piece->pass > 0 ? self::BOWS : $pulled);
        // A line of the bubble: how near to its woven edge, and how many degrees on from one gather (0) to the other (180).
        $at = function (float $edge, float $degrees) use ($piece, $from, $to, $strand, $half, $puff, $reach, $bow): Point {
            $up = max(0.0, sin(deg2rad($degrees)));
            $wave = $edge * $up * self::WAVE * min(1.0, $half) * (sin($degrees / 4.6 + $strand) + $piece->whim($strand + $edge) - 1.4);
            $across = cos(deg2rad($degrees));

            return $this->at(
                $from,
                $to,
                -($across <=> 0.0) * abs($across) ** (1.9 - 1.2 * abs($edge)) * ($half + 2 * $puff * abs($edge) * $up),
                ($edge * $reach + $bow) * $up ** 0.75 + $wave,
            );
        };
        $line = fn (float $edge, int ...$degrees): array => array_map(
            fn (int $degree): Point => $at($edge, $degree),
            array_values($degrees),
        );

        return new Patch(
            $strand,
            Path::smooth([...$line(1.0, 0, ...self::RIM), ...$line(-1.0, 180, ...array_reverse(self::RIM))], closed: true),
            $this->folds($line),
            Path::smooth(
                [...$line(-1.0, 4, 42, 90, 138, 176), ...$line(-0.66, 150, 90, 30)],
                closed: true,
            ).$this->gather($line, 0).$this->gather($line, 180),
            $this->crests($line),
        );
    }

    /** @param  callable(float, int...): non-empty-list<Point>  $line */
    private function folds(callable $line): string
    {
        $folds = '';
        foreach (self::FOLDS as [$edge, $up]) {
            $folds .= Path::smooth($line($edge, 2, intdiv($up, 2), $up), closed: false).Path::smooth(
                $line($edge, 178, 180 - intdiv($up, 2), 184 - $up),
                closed: false,
            );
        }
        foreach ([self::WOVEN_EDGE, -self::WOVEN_EDGE] as $edge) {
            $folds .= Path::smooth($line($edge, 8, 40, 90, 140, 172), closed: false);
        }

        return $folds;
    }

    /**
     * What catches the light between two folds, at both ends.
     *
     * @param  callable(float, int...): non-empty-list<Point>  $line
     */
    private function crests(callable $line): string
    {
        $crests = '';
        foreach (self::CRESTS as [$one, $other, $up]) {
            foreach ([0, 180] as $end) {
                $on = fn (int $degrees): int => abs($end - $degrees);
                $crests .= Path::smooth(
                    [
                        ...$line(($one + $other) / 2, $on(10)),
                        ...$line($one, $on(intdiv($up, 2))),
                        ...$line(($one + $other) / 2, $on($up)),
                        ...$line($other, $on(intdiv($up, 2))),
                    ],
                    closed: true,
                );
            }
        }

        return $crests;
    }

    /**
     * The dark between the folds at a tie.
     *
     * @param  callable(float, int...): non-empty-list<Point>  $line
     */
    private function gather(callable $line, int $end): string
    {
        $on = fn (int $degrees): int => abs($end - $degrees);
        $star = [];
        foreach ([[-0.9, 26], [-0.63, 9], [-0.37, 30], [-0.12, 9], [0.12, 32], [0.37, 9], [0.63, 28], [0.9, 24]] as [$edge, $up]) {
            array_push($star, ...$line($edge, $on($up)));
        }

        return Path::closed([...$line(0.0, $on(0)), ...$star]);
    }

    /**
     * $along inches from the middle between the ties towards the second, and $out inches outward there, from the row itself:
     * a bubble on a round row stands as far out of it as one on a straight row, and opens a little the farther out it is.
     */
    private function at(Place $from, Place $to, float $along, float $out): Point
    {
        $half = max($from->point()->distanceTo($to->point()) / 2, 0.01);
        $way = $to->point()->minus($from->point())->times(1 / (2 * $half));
        $turn = fmod($to->outward - $from->outward + 540.0, 360.0) - 180.0;
        $outward = deg2rad($from->outward + $turn / 2);
        $side = ($way->y * sin($outward) + $way->x * cos($outward)) < 0 ? -1 : 1;
        $part = $along / $half;
        // How much the row bends from tie to tie, round or in short straight pieces; below zero it bends away from outward.
        $bend = $side * deg2rad($turn) / (2 * $half);
        // The way across between two ties cuts off a bow; it is made good over the crown.
        $row = $half * tan(deg2rad($side * $turn) / 4) * (1 - min(1.0, $part ** 2));
        $opens = 1 + self::OPENS[$out * $bend <=> 0.0] * max(-1.0, min(1.4, $out * $bend));
        [$along, $out] = [$along * $opens, $side * ($out + $row)];

        $middle = $from->point()->towards($to->point(), 0.5);

        return new Point($middle->x + $along * $way->x + $out * $way->y, $middle->y + $along * $way->y - $out * $way->x);
    }
}
