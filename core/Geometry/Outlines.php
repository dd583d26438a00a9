<?php

declare(strict_types=1);

namespace Davrin\Core\Geometry;

use Davrin\Core\Words\Fault;

/** Lines of straight pieces, each parallel to the outermost: a corner stays a corner. */
final class Outlines implements Track
{
    /** A corner sharper than this is drawn in no further, or its wires would meet far off. */
    private const SHARPEST = 0.15;

    private readonly Polyline $outermost;

    /** @var array<array-key, Polyline> drawn so far, by how far in */
    private array $lines = [];

    /** @param  non-empty-list<Point>  $points of the outermost, outward to the left of the way it goes */
    public function __construct(private readonly array $points, private readonly bool $closed)
    {
        $this->outermost = new Polyline($points, $closed);
    }

    /** @throws Fault where the outline has no room for a line so far in */
    public function line(float $inset): Polyline
    {
        return $inset === 0.0 ? $this->outermost : $this->lines[(string) $inset] ??= $this->drawn($inset);
    }

    private function drawn(float $inset): Polyline
    {
        $count = count($this->points);
        $points = [];
        foreach ($this->points as $i => $point) {
            $before = $this->closed || $i > 0 ? $this->outermost->normal(($i - 1 + $count) % $count) : null;
            $after = $this->closed || $i < $count - 1 ? $this->outermost->normal($i) : null;
            $corner = self::corner($before ?? $after ?? Point::middle(), $after ?? $before ?? Point::middle());
            $points[] = $point->minus($corner->times($inset));
        }
        $line = new Polyline($points, $this->closed);
        $this->mustKeepItsWay($points);

        return $line;
    }

    public function along(float $inset, float $spot): float
    {
        $piece = $this->outermost->piece($spot);
        $line = $this->line($inset);
        $normal = $this->outermost->normal($piece);
        // The piece goes the way of its normal turned right. Straight in from the spot; near a corner, to the corner.
        $into = $spot - $this->outermost->distances[$piece];
        $along = $normal->cross($this->points[$piece]->minus($normal->times($inset))->minus($line->points[$piece])) + $into;

        return $line->distances[$piece] + min(max($along, 0.0), $line->distances[$piece + 1] - $line->distances[$piece]);
    }

    /** The way from a corner to the corner one inch in, both wires an inch apart. */
    private static function corner(Point $before, Point $after): Point
    {
        return $before->plus($after)->times(1 / max(1 + $before->dot($after), self::SHARPEST));
    }

    /**
     * A piece that runs backward has been drawn in past the middle of its outline.
     *
     * @param  list<Point>  $points
     */
    private function mustKeepItsWay(array $points): void
    {
        $count = count($points);
        for ($i = 0; $i < $count - ($this->closed ? 0 : 1); $i++) {
            $next = ($i + 1) % $count;
            $was = $this->points[$next]->minus($this->points[$i]);
            if ($was->dot($points[$next]->minus($points[$i])) < 0) {
                throw Fault::at(
                    '/gap',
                    'The wires are so far apart that the inner ones find no room inside the outline. Write a smaller distance '
                        .'between them, or fewer wires.',
                );
            }
        }
    }
}
