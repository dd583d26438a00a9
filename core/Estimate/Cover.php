<?php

declare(strict_types=1);

namespace Davrin\Core\Estimate;

use Davrin\Core\Form\Form;
use Davrin\Core\Form\Seat;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Geometry\Point;
use Davrin\Core\Part\Part;
use Davrin\Core\Part\Size;
use Davrin\Core\Ties\Tie;

/** What the mesh of some parts covers, seen from the front (an estimate): bands along the rows, as wide as its elements reach. */
final readonly class Cover
{
    /** How deep an edge may run within its own band between two points of it, as a part of the reach: a little more than its arcs do. */
    private const DEEP = 0.01;

    /** A way of an inch is halved so often to find where it is first covered. */
    private const HALVINGS = 6;

    /** Ends of two stretches that are closer than that are one point, in inches; a whole stretch that is shorter is none. */
    private const MEETS = 0.8;

    /** How round the ends of a piece are, as a part of its shorter side (a guess). */
    private const CORNER = 0.35;

    /** How far the end of a piece may stand out of its row before it is a corner's, in inches. */
    private const STANDS_OUT = 0.3;

    /** @param  list<Band>  $bands */
    private function __construct(public array $bands) {}

    /** @param  list<Part>  $parts */
    public static function of(Form $form, array $parts): self
    {
        $bands = [];
        foreach ($parts as $part) {
            array_push($bands, ...match (true) {
                $part->on->anchor->area !== null => [self::wound($form, $part->on->anchor->area, $part->size)],
                $part->on->ties() === [] => array_map(
                    fn (Place $place): Band => self::standing($place, $part->size),
                    $part->on->anchor->places,
                ),
                $part->size->hangs > 0.0 => array_map(fn (Tie $tie): Band => self::hanging($tie, $part->size), $part->on->ties()),
                default => self::along($form, $part),
            });
        }

        return new self($bands);
    }

    /**
     * Its outline, and that of what stays open within it, as loops; inches from the middle of the form.
     *
     * @return list<non-empty-list<Point>>
     */
    public function outlines(): array
    {
        $stretches = [];
        foreach ($this->distinct() as $band) {
            foreach ($band->edges() as $edge) {
                array_push($stretches, ...$this->uncovered($edge));
            }
        }

        return self::joined($stretches);
    }

    public function holds(Point $point, float $close = 0.0): bool
    {
        foreach ($this->bands as $band) {
            if ($band->covers($point, $close)) {
                return true;
            }
        }

        return false;
    }

    /** Whether a point lies so deep that it is no edge. */
    private function hides(Point $point): bool
    {
        foreach ($this->bands as $band) {
            if ($band->covers($point, -self::DEEP * $band->reach)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Point> among them the farthest of it each way */
    public function points(): array
    {
        return array_merge(...array_map(fn (Band $band): array => array_merge(...$band->edges()), $this->bands));
    }

    /**
     * Where a loop is an edge of the whole.
     *
     * @param  non-empty-list<Point>  $loop
     * @return list<non-empty-list<Point>>
     */
    private function uncovered(array $loop): array
    {
        $free = array_map(fn (Point $point): bool => ! $this->hides($point), $loop);
        if (! in_array(false, $free, true)) {
            return [[...$loop, $loop[0]]];
        }
        $count = count($loop);
        // From a covered point on, so that no stretch goes on past the end.
        $first = (int) array_search(false, $free, true);
        [$stretches, $stretch] = [[], []];
        for ($step = 1; $step <= $count; $step++) {
            [$before, $at] = [($first + $step - 1) % $count, ($first + $step) % $count];
            if ($free[$at]) {
                $stretch = [...($stretch === [] ? [$this->crossing($loop[$at], $loop[$before])] : $stretch), $loop[$at]];
            } elseif ($stretch !== []) {
                $end = $this->crossing($loop[$before], $loop[$at]);
                if (count($stretch) > 2 || $stretch[0]->distanceTo($end) > self::MEETS) {
                    $stretches[] = [...$stretch, $end];
                }
                $stretch = [];
            }
        }

        return $stretches;
    }

    /** Where the way from a free point to a covered one is first covered. */
    private function crossing(Point $free, Point $covered): Point
    {
        for ($halving = 0; $halving < self::HALVINGS; $halving++) {
            $middle = $free->towards($covered, 0.5);
            [$free, $covered] = $this->hides($middle) ? [$free, $middle] : [$middle, $covered];
        }

        return $free;
    }

    /**
     * Stretches that meet, put together.
     *
     * @param  list<non-empty-list<Point>>  $stretches
     * @return list<non-empty-list<Point>>
     */
    private static function joined(array $stretches): array
    {
        $loops = [];
        while (($loop = array_shift($stretches)) !== null) {
            while (($next = self::next($loop, $stretches)) !== null) {
                array_push($loop, ...$stretches[$next]);
                array_splice($stretches, $next, 1);
            }
            $loops[] = $loop[count($loop) - 1]->distanceTo($loop[0]) < self::MEETS ? [...$loop, $loop[0]] : $loop;
        }

        return $loops;
    }

    /**
     * Which stretch goes on where a loop ends; null where it comes round to its beginning, or none does.
     *
     * @param  non-empty-list<Point>  $loop
     * @param  list<non-empty-list<Point>>  $stretches
     */
    private static function next(array $loop, array $stretches): ?int
    {
        $end = $loop[count($loop) - 1];
        [$best, $nearest] = [null, min(self::MEETS, $end->distanceTo($loop[0]))];
        foreach ($stretches as $index => $stretch) {
            if ($end->distanceTo($stretch[0]) < $nearest) {
                [$best, $nearest] = [$index, $end->distanceTo($stretch[0])];
            }
        }

        return $best;
    }

    /** @return list<Band> without those that lie within another on the same line */
    private function distinct(): array
    {
        $widest = [];
        foreach ($this->bands as $band) {
            $key = serialize($band->points);
            if (! isset($widest[$key]) || $widest[$key]->reach < $band->reach) {
                $widest[$key] = $band;
            }
        }

        return array_values($widest);
    }

    /** What is wound over an area of the form, or over its bars. */
    private static function wound(Form $form, string $area, Size $size): Band
    {
        $outline = $form->areas[$area] ?? $form->stretch(Seat::wire(1), 0.0, $form->length(Seat::wire(1)));

        return new Band($outline === [] ? [Point::middle()] : $outline, true, $size->reach);
    }

    /** What stands on one spot. */
    private static function standing(Place $place, Size $size): Band
    {
        return new Band([$place->point()], false, $size->reach);
    }

    private static function hanging(Tie $tie, Size $size): Band
    {
        $top = $tie->place->point();
        $lowest = $top->plus(new Point(0.0, max(0.0, $size->hangs - $size->span)));

        return new Band([$top, $lowest], false, $size->span);
    }

    /**
     * Row by row, from element to element where they touch. Mesh in a run goes from tie to tie; a piece lies along its row, but
     * near a corner its ends stand out straight.
     *
     * @return list<Band>
     */
    private static function along(Form $form, Part $part): array
    {
        $runs = $part->demand->runs !== [];
        $reach = $part->size->reach;
        $wing = $runs ? 0.0 : max(0.0, $part->size->span - $reach);
        $rows = [];
        foreach ($part->on->ties() as $tie) {
            $rows[$tie->seat->key()][] = $tie;
        }
        $bands = [];
        foreach ($rows as $ties) {
            $row = self::row($form, $ties, $wing, $reach, $runs ? 2 * $part->size->span : 2 * $reach);
            array_push($bands, ...$row, ...($runs ? [] : self::straight($ties, $part->size, $row)));
        }

        return $bands;
    }

    /**
     * @param  non-empty-list<Tie>  $ties  on one line
     * @param  float  $touches  at so many inches from each other two parts are one
     * @return non-empty-list<Band>
     */
    private static function row(Form $form, array $ties, float $wing, float $reach, float $touches): array
    {
        $seat = $ties[0]->seat;
        $round = $form->closed() && ! $seat->isCrossbar() ? $form->length($seat) : INF;
        $parts = self::parts(array_map(fn (Tie $tie): float => $tie->distance, $ties), $wing, $touches, $round);

        return array_map(
            fn (array $part): Band => new Band(
                $form->stretch($seat, $part[0], min($part[1], $part[0] + $round)),
                $round <= $part[1] - $part[0],
                $reach,
            ),
            $parts,
        );
    }

    /**
     * Pieces that stand out of their row.
     *
     * @param  non-empty-list<Tie>  $ties
     * @param  non-empty-list<Band>  $row
     * @return list<Band>
     */
    private static function straight(array $ties, Size $size, array $row): array
    {
        $straight = [];
        [$reach, $corner] = [$size->reach, min($size->reach, $size->span) * self::CORNER];
        foreach ($ties as $tie) {
            foreach ([[1, 1], [1, -1], [-1, -1], [-1, 1]] as [$side, $out]) {
                $end = $tie->place->beside($side * ($size->span - $corner), $out * ($reach - $corner));
                if (array_filter($row, fn (Band $band): bool => $band->covers($end, self::STANDS_OUT - $corner)) === []) {
                    $straight[] = new Band([$tie->place->beside(0.0, $out * ($reach - $corner)), $end], false, $corner);
                }
            }
        }

        return $straight;
    }

    /**
     * What of a line is covered, as from and to; over the whole line where it closes on itself.
     *
     * @param  non-empty-list<float>  $distances
     * @return non-empty-list<array{float, float}>
     */
    private static function parts(array $distances, float $wing, float $touches, float $round): array
    {
        sort($distances);
        $parts = [];
        [$from, $to] = [$distances[0] - $wing, $distances[0] + $wing];
        foreach ($distances as $distance) {
            if ($distance - $wing - $to > $touches) {
                $parts[] = [$from, $to];
                $from = $distance - $wing;
            }
            $to = $distance + $wing;
        }
        $start = $parts[0][0] ?? $from;
        if ($start + $round - $to > $touches) {
            return [...$parts, [$from, $to]];
        }

        // Past where the count begins it goes on.
        return $parts === [] ? [[$from, $from + $round]] : [[$from - $round, $parts[0][1]], ...array_slice($parts, 1)];
    }
}
