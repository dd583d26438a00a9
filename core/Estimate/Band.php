<?php

declare(strict_types=1);

namespace Davrin\Core\Estimate;

use Davrin\Core\Geometry\Box;
use Davrin\Core\Geometry\Point;

/** All that lies within so many inches of a line: what mesh covers along a row. Places are in inches from the middle of the form. */
final readonly class Band
{
    /** Degrees from point to point where the edge goes round a corner or an end. */
    private const ROUNDS_BY = 15.0;

    /** A straight edge has a point at least so often, in inches. */
    private const STEP = 1.0;

    /** A line of more points than this is looked up by the squares that it passes. */
    private const MANY = 24;

    /** A band is never asked whether it passes a place that is so much farther off than it reaches, in inches. */
    private const BEYOND = 1.0;

    /** Round the line. */
    private Box $box;

    private ?Nearby $nearby;

    /** @param  non-empty-list<Point>  $points  of the line; one alone is a spot */
    public function __construct(public array $points, public bool $closed, public float $reach)
    {
        $this->box = Box::around($points);
        $this->nearby = count($points) > self::MANY ? Nearby::of($points, $closed, $this->box, $reach + self::BEYOND) : null;
    }

    /**
     * Whether it covers a point, or passes it closer than that.
     *
     * @param  float  $close  in inches; an inch at the most
     */
    public function covers(Point $point, float $close): bool
    {
        $within = $this->reach + $close;

        return $point->x > $this->box->left - $within && $point->x < $this->box->right + $within
            && $point->y > $this->box->top - $within && $point->y < $this->box->bottom + $within
            && $this->clears($point) < $close;
    }

    /**
     * Its edges as closed loops, a corner rounded; where the line bends back on itself they run inside the band.
     *
     * @return non-empty-list<non-empty-list<Point>>
     */
    public function edges(): array
    {
        $there = $this->points;
        $back = array_reverse($there);
        if ($this->closed) {
            return [$this->beside([...$there, $there[0], $there[1]]), $this->beside([...$back, $back[0], $back[1]])];
        }

        return [
            count($there) === 1 ? $this->round($there[0], 0.0, 360.0) : $this->beside([...$there, ...array_slice($back, 1), $there[1]]),
        ];
    }

    /**
     * How far a point is from the line less the reach: below 0 the band covers it. Endless where it is farther off than an inch
     * beyond. It is asked very often, so it works with numbers and not with ways.
     */
    public function clears(Point $point): float
    {
        $nearest = INF;
        foreach ($this->nearby?->at($point) ?? array_keys($this->points) as $index) {
            $from = $this->points[$index - 1] ?? $this->points[$this->closed ? count($this->points) - 1 : 0];
            [$alongX, $alongY] = [$this->points[$index]->x - $from->x, $this->points[$index]->y - $from->y];
            [$offX, $offY] = [$point->x - $from->x, $point->y - $from->y];
            $length = $alongX * $alongX + $alongY * $alongY;
            $part = $length > 0.0 ? max(0.0, min(1.0, ($offX * $alongX + $offY * $alongY) / $length)) : 0.0;
            [$offX, $offY] = [$offX - $part * $alongX, $offY - $part * $alongY];
            $nearest = min($nearest, $offX * $offX + $offY * $offY);
        }

        return sqrt($nearest) - $this->reach;
    }

    /**
     * The edge to the left of a way from point to point, without what belongs to its last stretch.
     *
     * @param  non-empty-list<Point>  $way
     * @return non-empty-list<Point>
     */
    private function beside(array $way): array
    {
        $edge = [];
        $heading = $way[1]->minus($way[0])->heading();
        for ($i = 1; $i < count($way) - 1; $i++) {
            [$from, $to] = [$way[$i - 1], $way[$i]];
            $steps = (int) ceil($from->distanceTo($to) / self::STEP);
            for ($step = 0; $step < $steps; $step++) {
                $edge[] = $this->off($from->towards($to, $step / $steps), $heading);
            }
            $next = $way[$i + 1]->minus($to)->heading();
            // To the left it goes round the outside of a right turn; of a left turn the edges cross.
            $turn = fmod($next - $heading + 540.0, 360.0) - 180.0;
            $edge = [
                ...$edge,
                ...$turn > 0.0 || $turn < -179.0
                    ? $this->round($to, $heading, abs($turn))
                    : [$this->off($to, $heading), $this->off($to, $next)],
            ];
            $heading = $next;
        }

        return $edge === [] ? [$this->off($way[0], $heading)] : $edge;
    }

    /** @return non-empty-list<Point> */
    private function round(Point $middle, float $heading, float $turn): array
    {
        $steps = max(1, (int) ceil($turn / self::ROUNDS_BY));

        return array_map(fn (int $step): Point => $this->off($middle, $heading + $turn * $step / $steps), range(0, $steps));
    }

    /**
     * As far off to the left as the band reaches.
     *
     * @param  float  $heading  degrees clockwise from 12 o'clock
     */
    private function off(Point $point, float $heading): Point
    {
        $radians = deg2rad($heading);

        return new Point($point->x - $this->reach * cos($radians), $point->y - $this->reach * sin($radians));
    }
}
