<?php

declare(strict_types=1);

namespace Davrin\Core\Form;

use Davrin\Core\Geometry\Box;
use Davrin\Core\Geometry\Line;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Geometry\Point;
use JsonSerializable;

/**
 * A form as it lies on the table, front up: a frame, counted by its maker. Places are in inches from its middle, x to the right
 * and y down, and may be floats: nothing is cut by them. Distances along a wire or a row are counted from where the maker
 * begins, in the maker's direction.
 */
final class Form implements JsonSerializable
{
    /** A point is looked for at so many places along each line. */
    private const LOOKED_AT = 480;

    public readonly Sections $sections;

    public readonly FormNames $names;

    private readonly Route $route;

    /**
     * @param  array<string, list<Point>>  $areas  what is covered rather than tied, as outlines by what each is called
     * @param  array<array-key, string>  $names  of seats that are not called by their wires, by key; "crossbar" and "start" too
     * @param  list<int>  $preTied  how many stems are already on each row, from the inside out
     * @param  list<Seat>  $sides  the seats that are the sides of a bar
     * @param  int  $joints  held by a zip tie each
     * @param  bool  $isSpine  whether it is one bar or wire that is filled on both its sides
     * @param  ?string  $filledBy  what of the form itself fills its middle, so that it has no opening: "the hub and its spokes"
     */
    public function __construct(
        public readonly Frame $frame,
        Count $count = new Count,
        public readonly array $areas = [],
        array $names = [],
        public readonly array $preTied = [],
        public readonly array $sides = [],
        public readonly int $joints = 0,
        public readonly bool $isSpine = false,
        public readonly ?string $filledBy = null,
    ) {
        $this->route = new Route($frame, $count);
        $this->sections = new Sections($frame, $this->route);
        $this->names = new FormNames($frame, $count->wiresFromInside, $names);
    }

    public function closed(): bool
    {
        return $this->frame->closed();
    }

    /** How many places the count can begin at. */
    public function starts(): int
    {
        return $this->route->starts();
    }

    public function length(Seat $seat): float
    {
        return $this->frame->line($seat)->length();
    }

    public function at(Seat $seat, float $distance): Place
    {
        return $this->frame->line($seat)->at($this->route->onLine($seat, $distance));
    }

    /**
     * The points of a line from one spot to another, in inches; on a closed line it may go on past where the count begins, on
     * an open one straight on past its ends. Once round, the last point is left out.
     *
     * @return non-empty-list<Point>
     */
    public function stretch(Seat $seat, float $from, float $to): array
    {
        [$one, $other] = [$this->route->onLine($seat, $from), $this->route->onLine($seat, $to)];

        return $this->frame->line($seat)->stretch(min($one, $other), max($one, $other));
    }

    /** @return list<float> where the corners are on the line of a seat, in order */
    public function corners(Seat $seat): array
    {
        $corners = array_map(fn (float $spot): float => $this->route->toSpot($seat, $spot), $this->frame->corners);
        sort($corners);

        return $corners;
    }

    /** @return list<float> where crossbars cross the line of a seat, in order */
    public function crossings(Seat $seat): array
    {
        $crossings = array_map(fn (float $spot): float => max(0.0, $this->route->toSpot($seat, $spot)), $this->frame->crossbars);
        sort($crossings);

        return $crossings;
    }

    /**
     * The seat and the distance along it that a point of the table is nearest to.
     *
     * @return array{Seat, float}
     */
    public function nearest(Point $point): array
    {
        $best = [$this->frame->seats()[0], 0.0];
        $nearest = INF;
        foreach ($this->frame->everySeat() as $seat) {
            $length = $this->length($seat);
            for ($step = 0; $step <= self::LOOKED_AT; $step++) {
                $along = $length * $step / self::LOOKED_AT;
                // A crossbar is meant only by who points right at it.
                $distance = $this->at($seat, $along)->point()->distanceTo($point) + ($seat->isCrossbar() ? 0.1 : 0.0);
                if ($distance < $nearest - Frame::SAME_SPOT) {
                    [$best, $nearest] = [[$seat, $along], $distance];
                }
            }
        }

        return $best;
    }

    /** How far any part of it is from the middle at the most, in inches. */
    public function reach(): float
    {
        return max(array_map(fn (Point $point): float => $point->length(), $this->extremes()));
    }

    /** What it takes up on the table, in inches. */
    public function box(): Box
    {
        return Box::around($this->extremes());
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $frame = $this->frame;

        return [
            'closed' => $this->closed(),
            'wires' => array_map(fn (int $wire): Line => $frame->line(Seat::wire($wire)), range(1, $frame->wires())),
            'crossbars' => array_map($frame->crossbarEnds(...), $frame->crossbars === [] ? [] : range(1, $frame->crossbars())),
            'welds' => $frame->welds(),
            'areas' => array_values($this->areas),
            'sections' => array_map(fn (int $section): array => $this->sectionMark($section), range(1, $this->sections->count())),
            'reach' => round($this->reach(), 4),
        ];
    }

    /**
     * Where a section is told beside the outermost wire.
     *
     * @return array{number: int, start: array{float, float, float}, middle: array{float, float, float}} place and outward
     */
    private function sectionMark(int $section): array
    {
        $outermost = Seat::wire(1);
        $start = $this->sections->start($outermost, $section);
        $told = fn (Place $place): array => [round($place->x, 4), round($place->y, 4), round($place->outward, 2)];

        return [
            'number' => $section,
            'start' => $told($this->at($outermost, $start)),
            'middle' => $told($this->at($outermost, $start + $this->sections->length($outermost, $section) / 2)),
        ];
    }

    /** @return non-empty-list<Point> of its outermost wires and of what is covered */
    private function extremes(): array
    {
        return [...$this->frame->extremes(), ...array_merge(...array_values($this->areas))];
    }
}
