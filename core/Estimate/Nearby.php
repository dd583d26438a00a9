<?php

declare(strict_types=1);

namespace Davrin\Core\Estimate;

use Davrin\Core\Geometry\Box;
use Davrin\Core\Geometry\Point;

/**
 * Which stretches of a line pass near a place, by the squares of a grid: so that a place is not held against every stretch of a line
 * with many points. Places are in inches from the middle of the form.
 */
final readonly class Nearby
{
    /** The longer side of the line has no more squares than this. */
    private const SQUARES = 32;

    /**
     * @param  float  $side  of a square
     * @param  array<string, list<int>>  $stretches  by square: the point that each ends at
     */
    private function __construct(private float $side, private array $stretches) {}

    /**
     * @param  non-empty-list<Point>  $points
     * @param  float  $within  no place is asked for that is farther off
     */
    public static function of(array $points, bool $closed, Box $box, float $within): self
    {
        $side = max($within, $box->wide() / self::SQUARES, $box->high() / self::SQUARES, 0.1);
        $stretches = [];
        $from = $closed ? $points[count($points) - 1] : $points[0];
        foreach ($points as $index => $to) {
            [$left, $right] = [
                (int) floor((min($from->x, $to->x) - $within) / $side),
                (int) floor((max($from->x, $to->x) + $within) / $side),
            ];
            [$top, $bottom] = [
                (int) floor((min($from->y, $to->y) - $within) / $side),
                (int) floor((max($from->y, $to->y) + $within) / $side),
            ];
            for ($x = $left; $x <= $right; $x++) {
                for ($y = $top; $y <= $bottom; $y++) {
                    $stretches["$x $y"][] = $index;
                }
            }
            $from = $to;
        }

        return new self($side, $stretches);
    }

    /** @return list<int> the point that each ends at */
    public function at(Point $place): array
    {
        return $this->stretches[(int) floor($place->x / $this->side).' '.(int) floor($place->y / $this->side)] ?? [];
    }
}
