<?php

namespace App\Drawing\Elements;

use App\Drawing\Patch;
use App\Drawing\Path;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Geometry\Point;

/**
 * A piece pinched at the tie: a wing opens from the pinch like a fan along the row, its woven edges pointing in and out,
 * with a pleat running from the pinch into every dip of its end. The other wing is its mirror image.
 */
final readonly class Wings
{
    /** Half the width of the pinch, in inches. */
    private const PINCH = 0.3;

    /** How far along the wing the fan has opened to the mesh's full width. */
    private const OPEN = 0.34;

    /** Pleats to an inch of the mesh's width; each is a crest and a dip. */
    private const PLEATS = 0.85;

    private const FRILL_DEPTH = 0.09;

    private function __construct(
        private Place $tie,
        private float $reach,
        private float $span,
        private float $frill,
        private float $round,
        private float $seed,
    ) {}

    /** A raw cut end, frilled. */
    public static function frilled(Place $tie, float $reach, float $span, float $seed): self
    {
        return new self($tie, $reach, $span, self::FRILL_DEPTH, 0.8, $seed);
    }

    /** A folded end: straight and smooth. */
    public static function hemmed(Place $tie, float $reach, float $span, float $seed): self
    {
        return new self($tie, $reach, $span, 0.0, 0.22, $seed);
    }

    public function patch(int $piece): Patch
    {
        $end = $this->end();
        $scaled = fn (float $size): array => $this->tie->outline($end, $this->span * $size, $this->reach * $size);
        $neck = fn (int $side): Point => $this->tie->beside(
            $this->span * self::OPEN * 0.42,
            $side * ($this->reach * 0.42 + self::PINCH * min(1.0, $this->reach / 3)),
        );
        [$above, $below] = [$this->tie->beside(0.0, $this->pinch()), $this->tie->beside(0.0, -$this->pinch())];

        return new Patch(
            $piece,
            Path::smooth([$above, $neck(1), ...$scaled(1.0), $neck(-1), $below], closed: true),
            $this->pleats($end),
            Path::smooth([$above, ...$this->arc(0.5), $below], closed: true),
            Path::smooth([...$scaled(0.985), ...array_reverse($this->arc(0.84))], closed: true),
            mirrored: true,
        );
    }

    /**
     * The end of the fan at a part of its size, from the outer woven edge to the inner, without frills.
     *
     * @return non-empty-list<Point>
     */
    public function arc(float $size): array
    {
        $rim = array_map($this->rim(...), [1.0, 0.66, 0.33, 0.0, -0.33, -0.66, -1.0]);

        return $this->tie->outline($rim, $this->span * $size, $this->reach * $size);
    }

    /**
     * The cut end from the outer woven edge to the inner, as parts of the span and of the reach.
     *
     * @return non-empty-list<array{float, float}>
     */
    private function end(): array
    {
        $points = 2 * max(5, (int) round(2 * $this->reach * self::PLEATS)) + 1;
        $end = [];
        for ($i = 0; $i < $points; $i++) {
            [$along, $out] = $this->rim(1 - 2 * $i / ($points - 1));
            $size = 1 - ($i % 2 === 0 ? $this->frill : 0.0) - ($this->frill > 0 ? 0.02 * (1 + sin($this->seed * 2.3 + $i * 1.7)) : 0.0);
            $end[] = [$size * $along, $size * $out];
        }

        return $end;
    }

    /**
     * From the pinch into the dips.
     *
     * @param  non-empty-list<array{float, float}>  $end
     */
    private function pleats(array $end): string
    {
        $paths = '';
        for ($i = 2; $i < count($end) - 2; $i += 2) {
            [$along, $out] = $end[$i];
            $paths .= Path::bend(
                $this->tie->beside($this->span * 0.05, $this->pinch() * 0.8 * $out),
                $this->tie->beside($this->span * 0.5 * $along, $this->reach * 0.56 * $out),
                $this->tie->beside($this->span * 0.95 * $along, $this->reach * 0.95 * $out),
            );
        }

        return $paths;
    }

    private function pinch(): float
    {
        return min(self::PINCH, $this->reach * 0.3);
    }

    /**
     * Where the fan's end has turned from the outer edge (1) to the inner (-1): along the row and out from it.
     *
     * @return array{float, float}
     */
    private function rim(float $turn): array
    {
        return [self::OPEN + (1 - self::OPEN) * max(0.0, cos($turn * M_PI_2)) ** $this->round, sin($turn * M_PI_2)];
    }
}
