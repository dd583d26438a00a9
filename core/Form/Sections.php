<?php

declare(strict_types=1);

namespace Davrin\Core\Form;

/**
 * The sections that crossbars part a form into, numbered in the maker's direction from 1. Distances are in inches from where the
 * count begins.
 */
final class Sections
{
    /** @var array<string, list<array{start: float, length: float}>> by the key of the seat */
    private array $bySeat = [];

    public function __construct(private readonly Frame $frame, private readonly Route $route) {}

    public function count(): int
    {
        return count($this->breaks()) - ($this->frame->closed() ? 0 : 1);
    }

    /** Where a section begins on the line of a seat. */
    public function start(Seat $seat, int $section): float
    {
        return $this->on($seat)[$section - 1]['start'];
    }

    /** How long a section is along the line of a seat. */
    public function length(Seat $seat, int $section): float
    {
        return $this->on($seat)[$section - 1]['length'];
    }

    /** @return array{int, float} the section that a spot lies in, and how far into it */
    public function at(Seat $seat, float $distance): array
    {
        $round = $this->frame->line($seat)->length();
        foreach ($this->on($seat) as $index => ['start' => $start, 'length' => $length]) {
            $into = $this->frame->closed()
                ? fmod($distance - $start + 2 * $round + Frame::SAME_SPOT, $round) - Frame::SAME_SPOT
                : $distance - $start;
            if ($into >= -Frame::SAME_SPOT && $into < $length - Frame::SAME_SPOT) {
                return [$index + 1, $into];
            }
        }

        return [$this->count(), $this->length($seat, $this->count())];
    }

    /**
     * How long the line is midway between two wires, in some sections.
     *
     * @param  list<int>  $sections
     */
    public function midwayLength(int $outer, int $inner, array $sections): float
    {
        $insets = $this->frame->insets;
        $length = $this->frame->lineAt(($insets[$outer - 1] + $insets[$inner - 1]) / 2)->length();
        $all = range(1, $this->count());
        if (array_diff($all, $sections) === []) {
            return $length;
        }
        // A section's part of the outermost wire is its part of every line beside it.
        $part = fn (int $section): float => $this->length(Seat::wire($outer), $section);

        return $length * array_sum(array_map($part, array_values(array_intersect($all, $sections)))) / array_sum(array_map($part, $all));
    }

    /** @return list<array{start: float, length: float}> */
    private function on(Seat $seat): array
    {
        return $this->bySeat[$seat->key()] ??= $seat->isCrossbar()
            ? array_fill(0, $this->count(), ['start' => 0.0, 'length' => $this->frame->line($seat)->length()])
            : $this->measured($seat);
    }

    /** @return list<array{start: float, length: float}> */
    private function measured(Seat $seat): array
    {
        $starts = array_map(fn (float $spot): float => max(0.0, $this->route->toSpot($seat, $spot)), $this->breaks());
        sort($starts);
        $sections = [];
        foreach ($starts as $index => $start) {
            $next = $starts[$index + 1] ?? ($this->frame->closed() ? $starts[0] + $this->frame->line($seat)->length() : null);
            if ($next !== null) {
                $sections[] = ['start' => $start, 'length' => $next - $start];
            }
        }

        return $sections;
    }

    /** @return non-empty-list<float> the spots where sections meet */
    private function breaks(): array
    {
        $crossbars = $this->frame->crossbars;
        if ($this->frame->closed()) {
            return $crossbars === [] ? [0.0] : $crossbars;
        }
        $breaks = [0.0];
        foreach ([...$crossbars, $this->frame->line(Seat::wire(1))->length()] as $spot) {
            if ($spot > $breaks[count($breaks) - 1] + Frame::SAME_SPOT) {
                $breaks[] = $spot;
            }
        }

        return $breaks;
    }
}
