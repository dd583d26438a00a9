<?php

declare(strict_types=1);

namespace Davrin\Core\Form;

use Davrin\Core\Geometry\Box;
use Davrin\Core\Geometry\Line;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Geometry\Polyline;
use Davrin\Core\Geometry\Track;
use Davrin\Core\Words\Fault;
use JsonSerializable;

/**
 * A form as it lies on the table, front up: wires side by side, crossed by crossbars, which part it into sections. Places
 * are in inches from its middle, x to the right and y down, and may be floats: nothing is cut by them. Distances along a
 * wire or a row are counted from where the maker begins, in the maker's direction.
 */
final class Form implements JsonSerializable
{
    private const SAME_SPOT = 1e-6;

    /** @var array<string, Line> by the key of the seat */
    private array $lines = [];

    /** @var array<string, list<array{float, float}>> where each section starts and how long it is, by the key of the seat */
    private array $sections = [];

    /**
     * @param  non-empty-list<float>  $insets  of the wires from the outermost, in inches, the outermost (0) first
     * @param  list<float>  $crossbars  where they cross the outermost wire, in inches along it, in order
     * @param  list<int>  $pairs  the outer one of each pair of wires that a stem can go round
     * @param  list<float>  $corners  in inches along the outermost wire
     * @param  list<int>  $stickingOut  crossbars whose weld sticks out, by number
     * @param  array<string, list<array{float, float}>>  $areas  what is covered rather than tied, as outlines by what each is called
     * @param  array<array-key, string>  $names  of seats that are not called by their wires, by key; "crossbar" and "start" too
     * @param  list<int>  $preTied  how many stems are already on each row, from the inside out
     * @param  int  $joints  held by a zip tie each
     */
    public function __construct(
        private readonly Track $track,
        private readonly array $insets,
        private readonly array $crossbars,
        private readonly array $pairs,
        private readonly Count $count = new Count,
        private readonly array $corners = [],
        private readonly array $stickingOut = [],
        public readonly array $areas = [],
        private readonly array $names = [],
        public readonly array $preTied = [],
        public readonly int $joints = 0,
        public readonly bool $isBar = false,
    ) {}

    public function wires(): int
    {
        return count($this->insets);
    }

    public function crossbars(): int
    {
        return count($this->crossbars);
    }

    public function sections(): int
    {
        return count($this->breaks()) - ($this->closed() ? 0 : 1);
    }

    /** How many places the count can begin at. */
    public function starts(): int
    {
        return $this->closed() ? count($this->beginnings()) : 1;
    }

    /**
     * Whether the form itself begins at a crossbar, as a ring does at 12 o'clock, or between two, as a square in the middle of its top
     * side.
     */
    public function beginsAtCrossbar(): bool
    {
        return $this->crossbars !== [] && $this->crossbars[0] < self::SAME_SPOT;
    }

    /** Where the form itself begins: "the top", "the first point". */
    public function startName(): string
    {
        return $this->names['start'] ?? 'the top';
    }

    /** "crossbar", or "spoke". */
    public function crossbarName(): string
    {
        return $this->names['crossbar'] ?? 'crossbar';
    }

    public function closed(): bool
    {
        return $this->outermost()->closed();
    }

    /** Whether it is round, so that its size is one figure. */
    public function round(): bool
    {
        return $this->closed() && ! $this->outermost() instanceof Polyline;
    }

    /** @return non-empty-list<Seat> every wire and every pair, each from the inside out */
    public function seats(): array
    {
        return [...array_map(Seat::wire(...), range($this->wires(), 1)), ...$this->pairs()];
    }

    /** @return non-empty-list<Seat> all that a stem can go round, crossbars last */
    public function everySeat(): array
    {
        return [...$this->seats(), ...array_map(Seat::crossbar(...), $this->crossbars === [] ? [] : range(1, $this->crossbars()))];
    }

    /** @return list<Seat> from the inside out */
    public function pairs(): array
    {
        return array_reverse(array_map(Seat::pair(...), $this->pairs));
    }

    public function has(Seat $seat): bool
    {
        return match (true) {
            $seat->isCrossbar() => $seat->number >= 1 && $seat->number <= $this->crossbars(),
            $seat->isPair() => in_array($seat->number, $this->pairs, true),
            default => $seat->number >= 1 && $seat->number <= $this->wires(),
        };
    }

    public function length(Seat $seat): float
    {
        return $this->line($seat)->length();
    }

    public function at(Seat $seat, float $distance): Place
    {
        return $this->line($seat)->at($this->onLine($seat, $distance));
    }

    /**
     * The points of a line from one spot to another, in inches; on a closed line it may go on past where the count begins, on
     * an open one straight on past its ends. Once round, the last point is left out.
     *
     * @return non-empty-list<array{float, float}>
     */
    public function stretch(Seat $seat, float $from, float $to): array
    {
        [$one, $other] = [$this->onLine($seat, $from), $this->onLine($seat, $to)];
        $line = $this->line($seat);

        return $line->stretch(min($one, $other), max($one, $other));
    }

    public function sectionStart(Seat $seat, int $section): float
    {
        return $this->sectionsOf($seat)[$section - 1][0];
    }

    public function sectionLength(Seat $seat, int $section): float
    {
        return $this->sectionsOf($seat)[$section - 1][1];
    }

    /** @return array{int, float} the section that a spot lies in, and how far into it */
    public function sectionAt(Seat $seat, float $distance): array
    {
        $length = $this->length($seat);
        foreach ($this->sectionsOf($seat) as $index => [$start, $long]) {
            $into = $this->closed()
                ? fmod($distance - $start + 2 * $length + self::SAME_SPOT, $length) - self::SAME_SPOT
                : $distance - $start;
            if ($into >= -self::SAME_SPOT && $into < $long - self::SAME_SPOT) {
                return [$index + 1, $into];
            }
        }

        return [$this->sections(), $this->sectionsOf($seat)[$this->sections() - 1][1]];
    }

    /** @return list<float> where the corners are on the line of a seat, in order */
    public function corners(Seat $seat): array
    {
        $corners = array_map(
            fn (float $spot): float => $this->fromStart($seat, $this->track->along($this->inset($seat), $spot)),
            $this->corners,
        );
        sort($corners);

        return $corners;
    }

    /** @return list<float> where crossbars cross the line of a seat, in order, in inches from where the count begins */
    public function crossings(Seat $seat): array
    {
        $crossings = array_map(
            fn (float $spot): float => max(0.0, $this->fromStart($seat, $this->track->along($this->inset($seat), $spot))),
            $this->crossbars,
        );
        sort($crossings);

        return $crossings;
    }

    /** How far it is across the wires, from the outermost to the innermost, in inches. */
    public function band(): float
    {
        return $this->insets[$this->wires() - 1];
    }

    /** How far out the middle of all the wires lies from a seat, in inches; below zero it lies farther in. */
    public function middleFrom(Seat $seat): float
    {
        return $seat->isCrossbar() ? 0.0 : $this->inset($seat) - $this->band() / 2;
    }

    /**
     * How long the line is midway between two wires, in some sections, in inches.
     *
     * @param  list<int>  $sections
     */
    public function centreLine(int $outer, int $inner, array $sections): float
    {
        $inset = ($this->insets[$outer - 1] + $this->insets[$inner - 1]) / 2;
        $length = $this->track->line($inset)->length();
        $all = range(1, $this->sections());
        if (array_diff($all, $sections) === []) {
            return $length;
        }
        // A section's part of the outermost wire is its part of every line beside it.
        $part = fn (int $section): float => $this->sectionLength(Seat::wire($outer), $section);

        return $length * array_sum(array_map($part, array_values(array_intersect($all, $sections)))) / array_sum(array_map($part, $all));
    }

    /** "two outer wires", "two middle wires", "wires 2 and 3"; counted from outside or inside, as the maker does. */
    public function name(Seat $seat): string
    {
        $wires = $this->wires();
        $number = fn (int $wire): int => $this->count->wiresFromInside ? $wires + 1 - $wire : $wire;

        return $this->names[$seat->key()] ?? match (true) {
            $seat->isCrossbar() => $this->crossbarName().' '.$seat->number,
            $seat->isPair() && $wires === 2 => 'both wires',
            $seat->isPair() && $seat->number === 1 => 'two outer wires',
            $seat->isPair() && $seat->number + 1 === $wires => 'two inner wires',
            $seat->isPair() && $seat->number === $wires - $seat->number => 'two middle wires',
            $seat->isPair() => sprintf(
                'wires %d and %d',
                min($number($seat->number), $number($seat->number + 1)),
                max($number($seat->number), $number($seat->number + 1)),
            ),
            $wires === 1 => 'wire',
            default => 'wire '.$number($seat->number),
        };
    }

    /**
     * The seat and the spot that a point of the table is nearest to.
     *
     * @return array{Seat, float}
     */
    public function nearest(float $x, float $y): array
    {
        $best = [$this->seats()[0], 0.0];
        $nearest = INF;
        foreach ($this->everySeat() as $seat) {
            $length = $this->length($seat);
            for ($step = 0; $step <= 480; $step++) {
                $place = $this->at($seat, $length * $step / 480);
                // A crossbar is meant only by who points right at it.
                $distance = hypot($place->x - $x, $place->y - $y) + ($seat->isCrossbar() ? 0.1 : 0.0);
                if ($distance < $nearest - self::SAME_SPOT) {
                    [$best, $nearest] = [[$seat, $length * $step / 480], $distance];
                }
            }
        }

        return $best;
    }

    /** How far the outermost wire is from the middle at the most, in inches. */
    public function reach(): float
    {
        return max(array_map(fn (array $point): float => hypot(...$point), $this->extremes()));
    }

    /** What it takes up on the table, in inches. */
    public function box(): Box
    {
        return Box::around($this->extremes());
    }

    /** @throws Fault where a wire finds no room inside the others */
    public function mustHaveRoom(): void
    {
        for ($wire = 1; $wire <= $this->wires(); $wire++) {
            $this->line(Seat::wire($wire));
        }
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $wires = array_map(fn (int $wire): Line => $this->line(Seat::wire($wire)), range(1, $this->wires()));

        return [
            'closed' => $this->closed(),
            'wires' => $wires,
            'crossbars' => array_map(
                fn (int $number): array => $this->crossbarEnds($number),
                $this->crossbars === [] ? [] : range(1, $this->crossbars()),
            ),
            'welds' => $this->welds(),
            'areas' => array_values($this->areas),
            'sections' => array_map(fn (int $section): array => $this->sectionMark($section), range(1, $this->sections())),
            'reach' => round($this->reach(), 4),
        ];
    }

    private function outermost(): Line
    {
        return $this->line(Seat::wire(1));
    }

    private function line(Seat $seat): Line
    {
        return $this->lines[$seat->key()] ??= $seat->isCrossbar()
            ? new Polyline($this->crossbarEnds($seat->number), false)
            : $this->track->line($this->inset($seat));
    }

    private function inset(Seat $seat): float
    {
        $insets = array_map(fn (int $wire): float => $this->insets[$wire - 1], $seat->wires());

        return $insets === [] ? 0.0 : array_sum($insets) / count($insets);
    }

    /** @return non-empty-list<array{float, float}> from the outermost wire to the innermost */
    private function crossbarEnds(int $number): array
    {
        $spot = $this->crossbars[$number - 1];
        $innermost = $this->insets[$this->wires() - 1];
        $place = fn (float $inset): Place => $this->track->line($inset)->at($this->track->along($inset, $spot));

        return array_map(fn (Place $place): array => [round($place->x, 4), round($place->y, 4)], [$place(0.0), $place($innermost)]);
    }

    /**
     * Where sections meet, along the outermost wire.
     *
     * @return non-empty-list<float>
     */
    private function breaks(): array
    {
        if ($this->closed()) {
            return $this->crossbars === [] ? [0.0] : $this->crossbars;
        }
        $breaks = [0.0];
        foreach ([...$this->crossbars, $this->outermost()->length()] as $spot) {
            if ($spot > $breaks[count($breaks) - 1] + self::SAME_SPOT) {
                $breaks[] = $spot;
            }
        }

        return $breaks;
    }

    /** Where the count begins, along the outermost wire. */
    private function start(): float
    {
        $beginnings = $this->beginnings();

        return $this->closed() ? $beginnings[($this->count->startAt - 1) % count($beginnings)] : 0.0;
    }

    /** @return non-empty-list<float> where the form itself begins, then crossbar by crossbar */
    private function beginnings(): array
    {
        return $this->crossbars !== [] && $this->beginsAtCrossbar() ? $this->crossbars : [0.0, ...$this->crossbars];
    }

    /** From the maker's distance to that along the line itself. */
    private function onLine(Seat $seat, float $distance): float
    {
        if ($seat->isCrossbar()) {
            return $distance;
        }
        if (! $this->closed()) {
            return $this->count->clockwise ? $distance : $this->length($seat) - $distance;
        }

        return $this->track->along($this->inset($seat), $this->start()) + ($this->count->clockwise ? $distance : -$distance);
    }

    /** And back. */
    private function fromStart(Seat $seat, float $onLine): float
    {
        $length = $this->length($seat);
        if (! $this->closed()) {
            return $this->count->clockwise ? $onLine : $length - $onLine;
        }
        $from = $onLine - $this->track->along($this->inset($seat), $this->start());

        return fmod(($this->count->clockwise ? $from : -$from) + 2 * $length + self::SAME_SPOT, $length) - self::SAME_SPOT;
    }

    /** @return list<array{float, float}> */
    private function sectionsOf(Seat $seat): array
    {
        if ($seat->isCrossbar()) {
            return array_fill(0, $this->sections(), [0.0, $this->length($seat)]);
        }

        return $this->sections[$seat->key()] ??= $this->measureSections($seat);
    }

    /** @return list<array{float, float}> */
    private function measureSections(Seat $seat): array
    {
        $length = $this->length($seat);
        $starts = array_map(
            fn (float $spot): float => max(0.0, $this->fromStart($seat, $this->track->along($this->inset($seat), $spot))),
            $this->breaks(),
        );
        sort($starts);
        $sections = [];
        foreach ($starts as $index => $start) {
            $next = $starts[$index + 1] ?? ($this->closed() ? $starts[0] + $length : null);
            if ($next !== null) {
                $sections[] = [$start, $next - $start];
            }
        }

        return $sections;
    }

    /** @return list<array{x: float, y: float, sticksOut: bool}> */
    private function welds(): array
    {
        $welds = [];
        foreach ($this->crossbars as $index => $spot) {
            foreach ($this->insets as $inset) {
                $place = $this->track->line($inset)->at($this->track->along($inset, $spot));
                $welds[] = [
                    'x' => round($place->x, 4),
                    'y' => round($place->y, 4),
                    'sticksOut' => in_array($index + 1, $this->stickingOut, true),
                ];
            }
        }

        return $welds;
    }

    /**
     * @return array{number: int, start: array{float, float, float}, middle: array{float, float, float}} where it is told beside the
     *                 outermost wire: place and outward
     */
    private function sectionMark(int $section): array
    {
        $outermost = Seat::wire(1);
        $start = $this->at($outermost, $this->sectionStart($outermost, $section));
        $middle = $this->at($outermost, $this->sectionStart($outermost, $section) + $this->sectionLength($outermost, $section) / 2);

        return [
            'number' => $section,
            'start' => [round($start->x, 4), round($start->y, 4), round($start->outward, 2)],
            'middle' => [round($middle->x, 4), round($middle->y, 4), round($middle->outward, 2)],
        ];
    }

    /** @return non-empty-list<array{float, float}> points of its outermost wires and of what is covered */
    private function extremes(): array
    {
        $line = $this->outermost();
        $points = $line instanceof Polyline
            ? $line->points
            : array_map(
                fn (int $quarter): array => [$line->at($line->length() * $quarter / 4)->x, $line->at($line->length() * $quarter / 4)->y],
                [0, 1, 2, 3],
            );

        // On an open form the innermost wire is as far on its side as the outermost on the other.
        $innermost = $this->closed() ? null : $this->line(Seat::wire($this->wires()));

        return [...$points, ...($innermost instanceof Polyline ? $innermost->points : []), ...array_merge(...array_values($this->areas))];
    }
}
