<?php

namespace App\Drawing;

use Davrin\Core\Geometry\Point;

/** Points strung into SVG path data. One inch is SCALE units of a drawing. */
final class Path
{
    public const SCALE = 20;

    private const TENTHS = 10 * self::SCALE;

    /** @param  list<Point>  $points in inches */
    public static function closed(array $points): string
    {
        return self::line($points).'Z';
    }

    /** @param  list<Point>  $points in inches */
    public static function line(array $points): string
    {
        return 'M'.implode('L', array_map(self::point(...), $points));
    }

    /**
     * A curve through all points (Catmull-Rom, written as relative cubic Beziers in tenths of a unit).
     *
     * @param  non-empty-list<Point>  $points  in inches
     */
    public static function smooth(array $points, bool $closed): string
    {
        $last = count($points) - 1;
        $segments = $closed ? $last + 1 : $last;
        $before = $closed ? $points[$last] : $points[0];
        [$x, $y] = [(int) round($points[0]->x * self::TENTHS), (int) round($points[0]->y * self::TENTHS)];
        $path = 'M'.$x / 10 .' '.$y / 10 .'c';
        for ($i = 0; $i < $segments; $i++) {
            $from = $points[$i];
            $to = $points[$i === $last ? 0 : $i + 1];
            $after = $i + 2 <= $last ? $points[$i + 2] : ($closed ? $points[$i + 1 - $last] : $points[$last]);
            [$endX, $endY] = [(int) round($to->x * self::TENTHS), (int) round($to->y * self::TENTHS)];
            $path .= ((int) round(($from->x + ($to->x - $before->x) / 6) * self::TENTHS) - $x) / 10 .' '
                .((int) round(($from->y + ($to->y - $before->y) / 6) * self::TENTHS) - $y) / 10 .' '
                .((int) round(($to->x - ($after->x - $from->x) / 6) * self::TENTHS) - $x) / 10 .' '
                .((int) round(($to->y - ($after->y - $from->y) / 6) * self::TENTHS) - $y) / 10 .' '
                .($endX - $x) / 10 .' '.($endY - $y) / 10 .' ';
            [$before, $x, $y] = [$from, $endX, $endY];
        }

        return rtrim($path).($closed ? 'z' : '');
    }

    /** A line from one point to another, bent towards a third. */
    public static function bend(Point $from, Point $towards, Point $to): string
    {
        return 'M'.self::point($from).'Q'.self::point($towards).' '.self::point($to);
    }

    private static function point(Point $point): string
    {
        return self::number($point->x).' '.self::number($point->y);
    }

    /** Inches as drawing units, to a tenth. */
    public static function number(float $inches): string
    {
        return (string) (round($inches * self::SCALE, 1) + 0.0);
    }
}
