<?php

declare(strict_types=1);

namespace Davrin\Core\Form;

use Davrin\Core\Geometry\Line;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Geometry\Point;
use Davrin\Core\Geometry\Polyline;
use Davrin\Core\Geometry\Track;
use Davrin\Core\Words\Fault;

/**
 * The bare wires of a form, side by side, and the crossbars that cross them; nothing is counted yet. A spot is told in inches
 * along the outermost wire, as the wire itself goes.
 */
final class Frame
{
    public const SAME_SPOT = 1e-6;

    /** @var array<string, Line> by the key of the seat */
    private array $lines = [];

    /**
     * @param  non-empty-list<float>  $insets  of the wires from the outermost, in inches, the outermost (0) first
     * @param  list<float>  $crossbars  the spots where they cross, in order
     * @param  list<int>  $pairs  the outer one of each pair of wires that a stem can go round
     * @param  list<float>  $corners  the spots of the corners
     * @param  list<int>  $stickingOut  crossbars whose weld sticks out, by number
     */
    public function __construct(
        private readonly Track $track,
        public readonly array $insets,
        public readonly array $crossbars,
        private readonly array $pairs,
        public readonly array $corners = [],
        private readonly array $stickingOut = [],
    ) {}

    public function wires(): int
    {
        return count($this->insets);
    }

    public function crossbars(): int
    {
        return count($this->crossbars);
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

    /**
     * Whether the form itself begins at a crossbar, as a ring does at 12 o'clock, or between two, as a square in the middle of its
     * top side.
     */
    public function beginsAtCrossbar(): bool
    {
        return $this->crossbars !== [] && $this->crossbars[0] < self::SAME_SPOT;
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

    /** What runs along a seat: a wire, the middle between two, or a crossbar from the outermost wire to the innermost. */
    public function line(Seat $seat): Line
    {
        return $this->lines[$seat->key()] ??= $seat->isCrossbar()
            ? new Polyline($this->crossbarEnds($seat->number), false)
            : $this->lineAt($this->inset($seat));
    }

    /** The line so many inches in from the outermost wire. */
    public function lineAt(float $inset): Line
    {
        return $this->track->line($inset);
    }

    /** How many inches along the line of a seat a spot lies. */
    public function along(Seat $seat, float $spot): float
    {
        return $this->track->along($this->inset($seat), $spot);
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

    /** @throws Fault where a wire finds no room inside the others */
    public function mustHaveRoom(): void
    {
        for ($wire = 1; $wire <= $this->wires(); $wire++) {
            $this->line(Seat::wire($wire));
        }
    }

    /** @return array{Point, Point} from the outermost wire to the innermost, to 1/10000 in */
    public function crossbarEnds(int $number): array
    {
        $spot = $this->crossbars[$number - 1];

        return [$this->crossing(0.0, $spot)->point()->rounded(4), $this->crossing($this->band(), $spot)->point()->rounded(4)];
    }

    /** @return list<array{x: float, y: float, sticksOut: bool}> where a crossbar is joined to a wire, to 1/10000 in */
    public function welds(): array
    {
        $welds = [];
        foreach ($this->crossbars as $index => $spot) {
            foreach ($this->insets as $inset) {
                $point = $this->crossing($inset, $spot)->point()->rounded(4);
                $welds[] = ['x' => $point->x, 'y' => $point->y, 'sticksOut' => in_array($index + 1, $this->stickingOut, true)];
            }
        }

        return $welds;
    }

    /** @return non-empty-list<Point> of its wires, among them the farthest each way */
    public function extremes(): array
    {
        $line = $this->outermost();
        $points = $line instanceof Polyline
            ? $line->points
            : array_map(fn (int $quarter): Point => $line->at($line->length() * $quarter / 4)->point(), [0, 1, 2, 3]);

        // On an open form the innermost wire is as far on its side as the outermost on the other.
        $innermost = $this->closed() ? null : $this->line(Seat::wire($this->wires()));

        return [...$points, ...($innermost instanceof Polyline ? $innermost->points : [])];
    }

    private function outermost(): Line
    {
        return $this->line(Seat::wire(1));
    }

    private function inset(Seat $seat): float
    {
        $insets = array_map(fn (int $wire): float => $this->insets[$wire - 1], $seat->wires());

        return $insets === [] ? 0.0 : array_sum($insets) / count($insets);
    }

    private function crossing(float $inset, float $spot): Place
    {
        return $this->lineAt($inset)->at($this->track->along($inset, $spot));
    }
}
