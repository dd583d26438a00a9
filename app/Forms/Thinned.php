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
        $thin = self::within($points, $tolerance);
        while (count($thin) > $most) {
            $tolerance *= 1.5;
            $thin = self::within($points, $tolerance);
        }

        return $thin;
    }

    /**
     * @param  list<array{float, float}>  $points
     * @return list<array{float, float}>
     */
    private static function within(array $points, float $tolerance): array
    {
        $keep = [0 => true, count($points) - 1 => true];
        $stretches = [[0, count($points) - 1]];
        while ($stretches !== []) {
            [$from, $to] = array_pop($stretches);
            [$farthest, $distance] = [null, $tolerance];
            for ($i = $from + 1; $i < $to; $i++) {
                $off = self::distance($points[$i], $points[$from], $points[$to]);
                if ($off > $distance) {
                    [$farthest, $distance] = [$i, $off];
                }
            }
            if ($farthest !== null) {
                $keep[$farthest] = true;
                array_push($stretches, [$from, $farthest], [$farthest, $to]);
            }
        }
        ksort($keep);

        return array_map(fn (int $i): array => $points[$i], array_keys($keep));
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
