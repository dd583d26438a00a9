<?php

namespace App\Drawing\Elements;

use App\Drawing\Path;
use App\Drawing\Piece;
use Davrin\Core\Geometry\Point;

/** What extras are drawn from: a mark of its own for each, as large as one is, that is told apart in black and white. */
abstract class Mark implements ElementShape
{
    /** Half of how wide one is, in inches. */
    protected static function half(Piece $piece): float
    {
        return $piece->measure('size') / 2;
    }

    /** @return non-empty-list<Point> round a circle, or an oval */
    protected static function round(Point $middle, float $wide, ?float $high = null): array
    {
        return array_map(fn (int $step): Point => new Point(
            $middle->x + $wide * sin($step * M_PI / 6),
            $middle->y - ($high ?? $wide) * cos($step * M_PI / 6),
        ), range(0, 11));
    }

    /** A leaf from a point outward, so long and so wide, its tip turned by so many degrees clockwise from straight up. */
    protected static function leaf(Point $from, float $turn, float $long, float $wide): string
    {
        $at = function (float $out, float $aside) use ($from, $turn): Point {
            [$sin, $cos] = [sin(deg2rad($turn)), cos(deg2rad($turn))];

            return new Point($from->x + $out * $sin + $aside * $cos, $from->y - $out * $cos + $aside * $sin);
        };

        return Path::smooth([
            $at(0.0, 0.0), $at($long * 0.45, $wide / 2), $at($long, 0.0), $at($long * 0.45, -$wide / 2),
        ], closed: true);
    }
}
