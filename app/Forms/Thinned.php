<?php

namespace App\Forms;

/** A line of points with fewer of them: those go first that the line misses least (Douglas and Peucker). */
final class Thinned
{
    /**
     * @param  list<array{float, float}>  $points
     * @return list<array{float, float}>
     */
    public static function to(array $points, int $most): array
    {
        if (count($points) < 2) {
            return $points;
        }
        $wide = max(array_column($points, 0)) - min(array_column($points, 0));
        $high = max(array_column($points, 1)) - min(array_column($points, 1));
        $tolerance = max($wide, $high) / 2000;
        $missed = self::missed($points, $tolerance);
        while (count($missed) > $most) {
            $tolerance *= 1.5;
            $missed = array_filter($missed, fn (float $by): bool => $by > $tolerance);
        }

        return array_map(fn (int $i): array => $points[$i], array_keys($missed));
    }

    /**
     * By how much the line misses each point, those that it misses by more than the tolerance: a point is gone before those are that lie
     * between it and its neighbours.
     *
     * @param  list<array{float, float}>  $points
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

    /**
     * @param  array{float, float}  $point
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     */
    private static function distance(array $point, array $from, array $to): float
    {
        [$x, $y] = [$to[0] - $from[0], $to[1] - $from[1]];
        $length = hypot($x, $y);
        if ($length < 1e-9) {
            return hypot($point[0] - $from[0], $point[1] - $from[1]);
        }

        return abs($x * ($from[1] - $point[1]) - ($from[0] - $point[0]) * $y) / $length;
    }
}
