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

    /** @param  non-empty-list<array{float, float}>  $points of the outermost, outward to the left of the way it goes */
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
        foreach ($this->points as $i => [$x, $y]) {
            $before = $this->closed || $i > 0 ? $this->normal(($i - 1 + $count) % $count) : null;
            $after = $this->closed || $i < $count - 1 ? $this->normal($i) : null;
            [$nx, $ny] = self::corner($before ?? $after ?? [0.0, 0.0], $after ?? $before ?? [0.0, 0.0]);
            $points[] = [$x - $inset * $nx, $y - $inset * $ny];
        }
        $line = new Polyline($points, $this->closed);
        $this->mustKeepItsWay($points);

        return $line;
    }

    public function along(float $inset, float $spot): float
    {
        $piece = $this->outermost->piece($spot);
        $line = $this->line($inset);
        [$x, $y] = $this->points[$piece];
        [$nx, $ny] = $this->normal($piece);
        // The piece goes the way of its normal turned right. Straight in from the spot; near a corner, to the corner.
        $into = $spot - $this->outermost->distances[$piece];
        [$fromX, $fromY] = $line->points[$piece];
        $along = ($x - $inset * $nx - $fromX) * -$ny + ($y - $inset * $ny - $fromY) * $nx + $into;

        return $line->distances[$piece] + min(max($along, 0.0), $line->distances[$piece + 1] - $line->distances[$piece]);
    }

    /**
     * @param  array{float, float}  $before
     * @param  array{float, float}  $after
     * @return array{float, float} from a corner to the corner one inch in, both wires an inch apart
     */
    private static function corner(array $before, array $after): array
    {
        $share = max(1 + $before[0] * $after[0] + $before[1] * $after[1], self::SHARPEST);

        return [($before[0] + $after[0]) / $share, ($before[1] + $after[1]) / $share];
    }

    /** @return array{float, float} outward of the piece that begins at a point */
    private function normal(int $piece): array
    {
        $from = $this->points[$piece];
        $to = $this->points[($piece + 1) % count($this->points)];
        $length = max(hypot($to[0] - $from[0], $to[1] - $from[1]), 1e-6);

        return [($to[1] - $from[1]) / $length, -($to[0] - $from[0]) / $length];
    }

    /**
     * A piece that runs backward has been drawn in past the middle of its outline.
     *
     * @param  list<array{float, float}>  $points
     */
    private function mustKeepItsWay(array $points): void
    {
        $count = count($points);
        for ($i = 0; $i < $count - ($this->closed ? 0 : 1); $i++) {
            $next = ($i + 1) % $count;
            $was = [$this->points[$next][0] - $this->points[$i][0], $this->points[$next][1] - $this->points[$i][1]];
            $is = [$points[$next][0] - $points[$i][0], $points[$next][1] - $points[$i][1]];
            if ($was[0] * $is[0] + $was[1] * $is[1] < 0) {
                throw Fault::at(
                    '/gap',
                    'The wires are so far apart that the inner ones find no room inside the outline. Write a smaller distance '
                        .'between them, or fewer wires.',
                );
            }
        }
    }
}
