<?php

namespace App\Forms;

use Davrin\Core\Geometry\Box;
use Davrin\Core\Geometry\Point;

/** A line of points with fewer of them: those go first that the line misses least (Douglas and Peucker). */
final class Thinned
{
    /**
     * @param  list<Point>  $points
     * @return list<Point>
     */
    public static function to(array $points, int $most): array
    {
        if (count($points) < 2) {
            return $points;
        }
        $box = Box::around($points);
        $tolerance = max($box->wide(), $box->high()) / 2000;
        $missed = self::missed($points, $tolerance);
        while (count($missed) > $most) {
            $tolerance *= 1.5;
            $missed = array_filter($missed, fn (float $by): bool => $by > $tolerance);
        }

        return array_map(fn (int $i): Point => $points[$i], array_keys($missed));
    }

    /**
     * By how much the line misses each point, those that it misses by more than the tolerance: a point is gone before those are that lie
     * between it and its neighbours.
     *
     * @param  list<Point>  $points
     * @return array<int, float> by place in order; without end for the first and the last
     */
    private static function missed(array $points, float $tolerance): array
    {
        $missed = [0 => INF, count($points) - 1 => INF];
        $stretches = [[0, count($points) - 1, INF]];
        while ($stretches !== []) {
            [$from, $to, $by] = array_pop($stretches);
            [$farthest, $distance] = [null, $tolerance];
            for ($i = $from + 1; $i < $to; $i++) {
                $off = self::distance($points[$i], $points[$from], $points[$to]);
                if ($off > $distance) {
                    [$farthest, $distance] = [$i, $off];
                }
            }
            if ($farthest !== null) {
                $missed[$farthest] = min($by, $distance);
                array_push($stretches, [$from, $farthest, $missed[$farthest]], [$farthest, $to, $missed[$farthest]]);
            }
        }
        ksort($missed);

        return $missed;
    }

    /** How far a point is from the straight line through two others. */
    private static function distance(Point $point, Point $from, Point $to): float
    {
        $way = $to->minus($from);
        $length = $way->length();

        return $length < 1e-9 ? $from->distanceTo($point) : abs($way->cross($from->minus($point))) / $length;
    }
}
