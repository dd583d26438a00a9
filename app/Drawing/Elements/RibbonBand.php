<?php

namespace App\Drawing\Elements;

use App\Drawing\Patch;
use App\Drawing\Path;
use Davrin\Core\Geometry\Point;

/** Ribbon that lies along a line. */
final class RibbonBand
{
    /**
     * @param  non-empty-list<Point>  $line  at least two points
     * @param  float  $width  in inches
     * @param  bool  $isUnder  whether other things lie over it, so that it is in their shade
     */
    public static function along(int $piece, array $line, float $width, bool $isUnder = false): Patch
    {
        $edge = fn (float $part): array => array_map(
            fn (int $at): Point => self::beside($line, $at, $part * $width / 2),
            array_keys($line),
        );
        $outline = [...$edge(1.0), ...array_reverse($edge(-1.0))];

        return new Patch(
            $piece,
            Path::closed($outline),
            Path::line($edge(0.8)).Path::line($edge(-0.8)),
            $isUnder ? Path::closed($outline) : '',
            $isUnder ? '' : Path::closed([...$edge(0.1), ...array_reverse($edge(0.45))]),
        );
    }

    /**
     * A point of a line, so far to its side.
     *
     * @param  non-empty-list<Point>  $line
     */
    private static function beside(array $line, int $at, float $by): Point
    {
        [$before, $after] = [$line[max(0, $at - 1)], $line[min(count($line) - 1, $at + 1)]];
        [$x, $y] = [$after->x - $before->x, $after->y - $before->y];
        $long = max(1e-6, hypot($x, $y));

        return new Point($line[$at]->x - $y / $long * $by, $line[$at]->y + $x / $long * $by);
    }
}
