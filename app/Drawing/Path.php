<?php

namespace App\Drawing;

/** Points strung into SVG path data. One inch is SCALE units of a drawing. */
final class Path
{
    public const SCALE = 20;

    private const TENTHS = 10 * self::SCALE;

    /** @param  list<array{float, float}>  $points in inches */
    public static function closed(array $points): string
    {
        return self::line($points).'Z';
    }

    /** @param  list<array{float, float}>  $points in inches */
    public static function line(array $points): string
    {
        return 'M'.implode('L', array_map(fn (array $point): string => self::number($point[0]).' '.self::number($point[1]), $points));
    }

    /**
     * A curve through all points (Catmull-Rom, written as relative cubic Beziers in tenths of a unit).
     *
     * @param  list<array{float, float}>  $points  in inches
     */
    public static function smooth(array $points, bool $closed): string
    {
        $last = count($points) - 1;
        $segments = $closed ? $last + 1 : $last;
        $before = $closed ? $points[$last] : $points[0];
        [$x, $y] = [(int) round($points[0][0] * self::TENTHS), (int) round($points[0][1] * self::TENTHS)];
        $path = 'M'.$x / 10 .' '.$y / 10 .'c';
        for ($i = 0; $i < $segments; $i++) {
            $from = $points[$i];
            $to = $points[$i === $last ? 0 : $i + 1];
            $after = $i + 2 <= $last ? $points[$i + 2] : ($closed ? $points[$i + 1 - $last] : $points[$last]);
            [$endX, $endY] = [(int) round($to[0] * self::TENTHS), (int) round($to[1] * self::TENTHS)];
            $path .= ((int) round(($from[0] + ($to[0] - $before[0]) / 6) * self::TENTHS) - $x) / 10 .' '
                .((int) round(($from[1] + ($to[1] - $before[1]) / 6) * self::TENTHS) - $y) / 10 .' '
                .((int) round(($to[0] - ($after[0] - $from[0]) / 6) * self::TENTHS) - $x) / 10 .' '
                .((int) round(($to[1] - ($after[1] - $from[1]) / 6) * self::TENTHS) - $y) / 10 .' '
                .($endX - $x) / 10 .' '.($endY - $y) / 10 .' ';
            [$before, $x, $y] = [$from, $endX, $endY];
        }

        return rtrim($path).($closed ? 'z' : '');
    }

    /**
     * A line from one point to another, bent towards a third.
     *
     * @param  array{float, float}  $from  in inches
     * @param  array{float, float}  $towards
     * @param  array{float, float}  $to
     */
    public static function bend(array $from, array $towards, array $to): string
    {
        return 'M'.self::number($from[0]).' '.self::number($from[1]).'Q'.self::number($towards[0]).' '.self::number($towards[1]).' '
            .self::number($to[0]).' '.self::number($to[1]);
    }

    /** Inches as drawing units, to a tenth. */
    public static function number(float $inches): string
    {
        return (string) (round($inches * self::SCALE, 1) + 0.0);
    }
}
