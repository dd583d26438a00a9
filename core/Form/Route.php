<?php

declare(strict_types=1);

namespace Davrin\Core\Form;

/** The way a maker goes along a frame: distances from where the count begins, in the direction it goes, told along the line of a seat. */
final readonly class Route
{
    public function __construct(private Frame $frame, private Count $count) {}

    /** How many places the count can begin at. */
    public function starts(): int
    {
        return $this->frame->closed() ? count($this->beginnings()) : 1;
    }

    /** From the maker's distance to that along the line itself. */
    public function onLine(Seat $seat, float $distance): float
    {
        if ($seat->isCrossbar()) {
            return $distance;
        }
        if (! $this->frame->closed()) {
            return $this->count->clockwise ? $distance : $this->frame->line($seat)->length() - $distance;
        }

        return $this->frame->along($seat, $this->start()) + ($this->count->clockwise ? $distance : -$distance);
    }

    /** The maker's distance to a spot of the outermost wire, along the line of a seat. */
    public function toSpot(Seat $seat, float $spot): float
    {
        $length = $this->frame->line($seat)->length();
        $onLine = $this->frame->along($seat, $spot);
        if (! $this->frame->closed()) {
            return $this->count->clockwise ? $onLine : $length - $onLine;
        }
        $from = $onLine - $this->frame->along($seat, $this->start());

        return fmod(($this->count->clockwise ? $from : -$from) + 2 * $length + Frame::SAME_SPOT, $length) - Frame::SAME_SPOT;
    }

    /** The spot where the count begins. */
    private function start(): float
    {
        $beginnings = $this->beginnings();

        return $this->frame->closed() ? $beginnings[($this->count->startAt - 1) % count($beginnings)] : 0.0;
    }

    /** @return non-empty-list<float> where the form itself begins, then crossbar by crossbar */
    private function beginnings(): array
    {
        $crossbars = $this->frame->crossbars;

        return $crossbars !== [] && $this->frame->beginsAtCrossbar() ? $crossbars : [0.0, ...$crossbars];
    }
}
