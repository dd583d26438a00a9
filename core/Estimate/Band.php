<?php

declare(strict_types=1);

namespace Davrin\Core\Estimate;

use Davrin\Core\Geometry\Box;

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

    /** @param  non-empty-list<array{float, float}>  $points  of the line; one alone is a spot */
    public function __construct(public array $points, public bool $closed, public float $reach)
    {
        $this->box = Box::around($points);
        $this->nearby = count($points) > self::MANY ? Nearby::of($points, $closed, $this->box, $reach + self::BEYOND) : null;
    }

    /**
     * Whether it covers a point, or passes it closer than that.
     *
     * @param  array{float, float}  $point
     * @param  float  $close  in inches; an inch at the most
     */
    public function covers(array $point, float $close): bool
    {
        $within = $this->reach + $close;

        return $point[0] > $this->box->left - $within && $point[0] < $this->box->right + $within
            && $point[1] > $this->box->top - $within && $point[1] < $this->box->bottom + $within
            && $this->clears($point) < $close;
    }

    /**
     * Its edges as closed loops, a corner rounded; where the line bends back on itself they run inside the band.
     *
     * @return non-empty-list<non-empty-list<array{float, float}>>
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
     * How far a point is from the line less the reach: below 0 the band covers it. Endless where it is farther off than an inch beyond.
     *
     * @param  array{float, float}  $point
     */
    public function clears(array $point): float
    {
        [$x, $y] = $point;
        $nearest = INF;
        foreach ($this->nearby?->at($point) ?? array_keys($this->points) as $index) {
            [$fromX, $fromY] = $this->points[$index - 1] ?? $this->points[$this->closed ? count($this->points) - 1 : 0];
            [$alongX, $alongY] = [$this->points[$index][0] - $fromX, $this->points[$index][1] - $fromY];
            $length = $alongX * $alongX + $alongY * $alongY;
            $part = $length > 0.0 ? max(0.0, min(1.0, (($x - $fromX) * $alongX + ($y - $fromY) * $alongY) / $length)) : 0.0;
            [$offX, $offY] = [$x - $fromX - $part * $alongX, $y - $fromY - $part * $alongY];
            $nearest = min($nearest, $offX * $offX + $offY * $offY);
        }

        return sqrt($nearest) - $this->reach;
    }

    /**
     * The edge to the left of a way from point to point, without what belongs to its last stretch.
     *
     * @param  non-empty-list<array{float, float}>  $way
     * @return non-empty-list<array{float, float}>
     */
    private function beside(array $way): array
    {
        $edge = [];
        $heading = self::heading($way[0], $way[1]);
        for ($i = 1; $i < count($way) - 1; $i++) {
            [$from, $to] = [$way[$i - 1], $way[$i]];
            $steps = (int) ceil(hypot($to[0] - $from[0], $to[1] - $from[1]) / self::STEP);
            for ($step = 0; $step < $steps; $step++) {
                $part = $step / $steps;
                $edge[] = $this->off([$from[0] + ($to[0] - $from[0]) * $part, $from[1] + ($to[1] - $from[1]) * $part], $heading);
            }
            $next = self::heading($to, $way[$i + 1]);
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

    /**
     * @param  array{float, float}  $middle
     * @return non-empty-list<array{float, float}>
     */
    private function round(array $middle, float $heading, float $turn): array
    {
        $steps = max(1, (int) ceil($turn / self::ROUNDS_BY));

        return array_map(fn (int $step): array => $this->off($middle, $heading + $turn * $step / $steps), range(0, $steps));
    }

    /**
     * As far off to the left as the band reaches.
     *
     * @param  array{float, float}  $point
     * @param  float  $heading  degrees clockwise from 12 o'clock
     * @return array{float, float}
     */
    private function off(array $point, float $heading): array
    {
        $radians = deg2rad($heading);

        return [$point[0] - $this->reach * cos($radians), $point[1] - $this->reach * sin($radians)];
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     */
    private static function heading(array $from, array $to): float
    {
        return rad2deg(atan2($to[0] - $from[0], $from[1] - $to[1]));
    }
}
