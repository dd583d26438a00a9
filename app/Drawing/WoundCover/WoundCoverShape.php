<?php

namespace App\Drawing\WoundCover;

use App\Drawing\Elements\ElementShape;
use App\Drawing\Patch;
use App\Drawing\Path;
use App\Drawing\Piece;
use App\Drawing\Shape;
use Davrin\Core\Form\Seat;
use Davrin\Core\Geometry\Box;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Geometry\Point;

/** A strip wound over what is covered, turn by turn, each over the last; without such a part, round all the wires of the form. */
final class WoundCoverShape implements ElementShape
{
    private const OVERLAPS = 0.33;

    /** How far a turn has gone on when it comes round, as a part of its width. */
    private const SLANT = 0.6;

    public function draw(Piece $piece): Shape
    {
        $strip = max(0.5, $piece->measure('strip'));
        $area = $piece->form->areas[$piece->part->area ?? ''] ?? null;
        $turns = $area === null ? [] : $this->overArea($area, $strip, $piece);

        return new Shape($turns === [] ? $this->roundWires($piece, $strip) : $turns);
    }

    /**
     * Turns across an area from its foot to its top, as wide as it is there.
     *
     * @param  non-empty-list<Point>  $area
     * @return list<Patch>
     */
    private function overArea(array $area, float $strip, Piece $piece): array
    {
        $box = Box::around($area);
        [$top, $foot] = [$box->top, $box->bottom];
        $step = $strip * (1 - self::OVERLAPS);
        $patches = [];
        for ($down = $foot; $down > $top + 0.01; $down -= $step) {
            $up = max($top, $down - $strip);
            [$lower, $upper] = [self::across($area, $down - 0.01), self::across($area, $up + 0.01)];
            if ($lower === null || $upper === null) {
                continue;
            }
            // On the second pass the strip leans the other way.
            $lean = $strip * 0.16 * ($piece->seed % 2 === 0 ? 1 : -1);
            $at = fn (float $part, array $line, float $y): Point => new Point(
                ($piece->fromBehind ? -1 : 1) * ($line[0] + ($line[1] - $line[0]) * $part),
                $y + $lean * ($part - 0.5),
            );
            $edge = [
                $at(0.0, $lower, $down),
                $at(0.5, $lower, $down),
                $at(1.0, $lower, $down),
                $at(1.0, $upper, $up),
                $at(0.5, $upper, $up),
                $at(0.0, $upper, $up),
            ];
            $line = fn (float $part): string => Path::line(
                [$at(0.0, $lower, $down - ($down - $up) * $part), $at(1.0, $lower, $down - ($down - $up) * $part)],
            );
            $folds = $line(0.35).$line(0.7);
            $patches[] = new Patch(
                0,
                Path::closed($edge),
                $folds,
                Path::closed(
                    [$edge[0], $edge[2], $at(1.0, $lower, $down - ($down - $up) * 0.12), $at(0.0, $lower, $down - ($down - $up) * 0.12)],
                ),
            );
        }

        return $patches;
    }

    /**
     * Where an area begins and ends from left to right at a height.
     *
     * @param  non-empty-list<Point>  $area
     * @return ?array{float, float}
     */
    private static function across(array $area, float $y): ?array
    {
        $crossings = [];
        foreach ($area as $i => $point) {
            $next = $area[($i + 1) % count($area)];
            if (($point->y - $y) * ($next->y - $y) < 0) {
                $crossings[] = $point->towards($next, ($y - $point->y) / ($next->y - $point->y))->x;
            }
        }

        return count($crossings) < 2 ? null : [min($crossings), max($crossings)];
    }

    /** @return non-empty-list<Patch> */
    private function roundWires(Piece $piece, float $strip): array
    {
        $form = $piece->form;
        [$outer, $inner] = [Seat::wire(1), Seat::wire($form->frame->wires())];
        [$length, $short] = [$form->length($outer), $form->length($inner)];
        $turns = max(3, min(120, (int) round($length / ($strip * (1 - self::OVERLAPS)))));
        $swell = $form->frame->wires() === 1 ? 0.55 : 0.3;
        $place = fn (Seat $seat, float $part, float $out): Point => $this->seen(
            $piece,
            $form->at($seat, ($seat === $outer ? $length : $short) * ($form->closed() ? $part : max(0.0, min(1.0, $part)))),
            $out,
        );
        $patches = [];
        foreach (range(0, $turns - 1) as $turn) {
            $from = $turn / $turns;
            $to = $from + (1 + self::OVERLAPS) / $turns;
            $gone = self::SLANT / $turns * ($piece->seed % 2 === 0 ? 1 : -1);
            $patches[] = new Patch(
                0,
                Path::smooth(
                    [
                        $place($outer, $from, $swell),
                        $place($outer, ($from + $to) / 2, $swell * 1.3),
                        $place($outer, $to, $swell),
                        $place($inner, $to + $gone, -$swell),
                        $place($inner, ($from + $to) / 2 + $gone, -$swell * 1.3),
                        $place($inner, $from + $gone, -$swell),
                    ],
                    closed: true,
                ),
                Path::line(
                    [$place($outer, $from + ($to - $from) * 0.35, $swell), $place($inner, $from + ($to - $from) * 0.35 + $gone, -$swell)],
                ).Path::line(
                    [$place($outer, $from + ($to - $from) * 0.7, $swell), $place($inner, $from + ($to - $from) * 0.7 + $gone, -$swell)],
                ),
            );
        }

        return $patches;
    }

    private function seen(Piece $piece, Place $place, float $out): Point
    {
        $point = $place->beside(0.0, $out);

        return $piece->fromBehind ? $point->fromBehind() : $point;
    }
}
