<?php

namespace App\Drawing\Elements;

use App\Drawing\Path;
use App\Drawing\Shape;
use Davrin\Core\Form\Place;

/**
 * Two wings pinched at the tie, one the mirror of the other: each opens from the pinch like a fan along the row, its woven
 * edges pointing in and out, its cut end frilled, with a pleat running from the pinch into every dip of the frill.
 */
final class RuffleShape implements ElementShape
{
    /** Half the width of the pinch, in inches. */
    private const PINCH = 0.3;

    /** How far along the wing the fan has opened to the mesh's full width. */
    private const OPEN = 0.34;

    /** Frills to an inch of the mesh's width; each is a crest and a dip. */
    private const FRILLS = 0.85;

    private const FRILL_DEPTH = 0.09;

    public function draw(int $seed, array $ties, float $reach, float $span): Shape
    {
        $tie = $ties[0];
        $end = $this->end($seed, $reach);
        $scaled = fn (float $size): array => array_map(fn (array $point): array => $tie->beside($span * $size * $point[0], $reach * $size * $point[1]), $end);
        $neck = fn (float $size, int $side): array => $tie->beside($span * self::OPEN * 0.42 * $size, $side * ($reach * 0.42 + self::PINCH) * $size);
        $fan = fn (float $size): array => [$tie->beside(0.0, self::PINCH), $neck($size, 1), ...$scaled($size), $neck($size, -1), $tie->beside(0.0, -self::PINCH)];

        return new Shape(
            Path::smooth($fan(1.0), closed: true),
            $this->pleats($tie, $end, $reach, $span),
            Path::smooth([$tie->beside(0.0, self::PINCH), ...$this->arc($tie, $reach * 0.5, $span * 0.5), $tie->beside(0.0, -self::PINCH)], closed: true),
            Path::smooth([...$scaled(0.985), ...array_reverse($this->arc($tie, $reach * 0.84, $span * 0.84))], closed: true),
            mirrored: true,
        );
    }

    /**
     * The frilled cut end from the outer woven edge to the inner, as parts of the span and of the reach.
     *
     * @return non-empty-list<array{float, float}>
     */
    private function end(int $seed, float $reach): array
    {
        $points = 2 * max(5, (int) round(2 * $reach * self::FRILLS)) + 1;
        $end = [];
        for ($i = 0; $i < $points; $i++) {
            [$along, $out] = $this->rim(1 - 2 * $i / ($points - 1));
            $size = 1 - ($i % 2 === 0 ? self::FRILL_DEPTH : 0.0) - 0.02 * (1 + sin($seed * 2.3 + $i * 1.7));
            $end[] = [$size * $along, $size * $out];
        }

        return $end;
    }

    /**
     * From the pinch into the dips.
     *
     * @param  non-empty-list<array{float, float}>  $end
     */
    private function pleats(Place $tie, array $end, float $reach, float $span): string
    {
        $paths = '';
        for ($i = 2; $i < count($end) - 2; $i += 2) {
            [$along, $out] = $end[$i];
            $paths .= Path::bend(
                $tie->beside($span * 0.05, self::PINCH * 0.8 * $out),
                $tie->beside($span * 0.5 * $along, $reach * 0.56 * $out),
                $tie->beside($span * 0.95 * $along, $reach * 0.95 * $out),
            );
        }

        return $paths;
    }

    /**
     * A fan's end without frills.
     *
     * @return list<array{float, float}>
     */
    private function arc(Place $tie, float $reach, float $span): array
    {
        return array_map(function (float $turn) use ($tie, $reach, $span): array {
            [$along, $out] = $this->rim($turn);

            return $tie->beside($span * $along, $reach * $out);
        }, [1.0, 0.66, 0.33, 0.0, -0.33, -0.66, -1.0]);
    }

    /**
     * Where the fan's end has turned from the outer edge (1) to the inner (-1): along the row and out from it.
     *
     * @return array{float, float}
     */
    private function rim(float $turn): array
    {
        return [self::OPEN + (1 - self::OPEN) * cos($turn * M_PI_2) ** 0.8, sin($turn * M_PI_2)];
    }
}
