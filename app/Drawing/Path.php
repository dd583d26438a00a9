<?php

namespace App\Drawing;

/** Points strung into SVG path data. One inch is SCALE units of a drawing. */
final class Path
{
    public const SCALE = 20;

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
     * A curve through all points (Catmull-Rom, written as cubic Beziers).
     *
     * @param  list<array{float, float}>  $points  in inches
     */
    public static function smooth(array $points, bool $closed): string
    {
        $count = count($points);
        $at = fn (int $index): array => $closed ? $points[($index + $count) % $count] : $points[max(0, min($count - 1, $index))];
        $path = 'M'.self::number($points[0][0]).' '.self::number($points[0][1]);
        for ($i = 0; $i < ($closed ? $count : $count - 1); $i++) {
            [$a, $b, $c, $d] = [$at($i - 1), $at($i), $at($i + 1), $at($i + 2)];
            $path .= sprintf(
                'C%s %s %s %s %s %s',
                self::number($b[0] + ($c[0] - $a[0]) / 6), self::number($b[1] + ($c[1] - $a[1]) / 6),
                self::number($c[0] - ($d[0] - $b[0]) / 6), self::number($c[1] - ($d[1] - $b[1]) / 6),
                self::number($c[0]), self::number($c[1]),
            );
        }

        return $path.($closed ? 'Z' : '');
    }

    /** Inches as drawing units, to a tenth. */
    public static function number(float $inches): string
    {
        return (string) (round($inches * self::SCALE, 1) + 0.0);
    }
}
