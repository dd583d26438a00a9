<?php

namespace App\Drawing\Elements;

use App\Drawing\Path;
use Closure;
use Davrin\Core\Form\Place;

/**
 * Two wings pinched at the tie: each opens from the pinch like a fan along the row, its woven edges pointing in and out,
 * its cut end wavy, with pleats running from the pinch.
 */
final class RuffleShape implements ElementShape
{
    /** Half the width of the pinch, in inches. */
    private const PINCH = 0.3;

    /** How far along the wing the fan has opened to the mesh's full width. */
    private const OPEN = 0.34;

    private const PLEATS = [-0.85, -0.6, -0.36, -0.12, 0.12, 0.36, 0.6, 0.85];

    public function draw(int $seed, array $ties, float $reach, float $span): array
    {
        $tie = $ties[0];
        [$right, $left] = [$this->fan($tie, $seed, $reach, $span, 1), $this->fan($tie, $seed + 7, $reach, $span, -1)];

        return [
            'edge' => Path::smooth([...$right(1.0, true), ...$left(1.0, true)], closed: true),
            'folds' => $this->pleats($tie, $seed, $reach, $span, 1).$this->pleats($tie, $seed + 7, $reach, $span, -1),
            'shade' => Path::smooth($right(0.46, true), closed: true).Path::smooth($left(0.46, true), closed: true),
            'shine' => $this->rim($right).$this->rim($left),
        ];
    }

    /**
     * One wing's outline at a size: from the pinch out to one woven edge, round the wavy cut end, back to the other edge.
     *
     * @return Closure(float, bool): list<array{float, float}>
     */
    private function fan(Place $tie, int $seed, float $reach, float $span, int $way): Closure
    {
        return function (float $size, bool $withPinch) use ($tie, $seed, $reach, $span, $way): array {
            $waves = 2 * max(4, (int) round($reach * 1.2));
            $points = $withPinch ? [$this->at($tie, 0.0, $way * self::PINCH), $this->at($tie, $way * $span * self::OPEN * 0.42 * $size, $way * ($reach * 0.42 + self::PINCH) * $size)] : [];
            for ($i = 0; $i <= $waves; $i++) {
                $turn = 1 - 2 * $i / $waves;
                $wave = 1 + ($i % 2 === 0 ? -0.035 : 0.035) + 0.02 * sin($seed * 2.3 + $i * 1.7);
                $points[] = $this->at($tie, $way * $span * $size * $wave * $this->along($turn), $way * $reach * $size * $wave * $this->out($turn));
            }

            return $withPinch ? [...$points, $this->at($tie, $way * $span * self::OPEN * 0.42 * $size, -$way * ($reach * 0.42 + self::PINCH) * $size), $this->at($tie, 0.0, -$way * self::PINCH)] : $points;
        };
    }

    private function pleats(Place $tie, int $seed, float $reach, float $span, int $way): string
    {
        $paths = '';
        foreach (self::PLEATS as $index => $turn) {
            $end = 0.88 + 0.07 * sin($seed + $index * 2.1);
            $paths .= Path::smooth([
                $this->at($tie, $way * $span * 0.06, $turn * self::PINCH * 0.8),
                $this->at($tie, $way * $span * 0.48 * $this->along($turn), 0.5 * $reach * $this->out($turn)),
                $this->at($tie, $way * $span * $end * $this->along($turn), $end * $reach * $this->out($turn)),
            ], closed: false);
        }

        return $paths;
    }

    /**
     * The cut end curls up and catches the light.
     *
     * @param  Closure(float, bool): list<array{float, float}>  $fan
     */
    private function rim(Closure $fan): string
    {
        return Path::smooth([...$fan(0.97, false), ...array_reverse($fan(0.8, false))], closed: true);
    }

    /** Along the wing, as a part of its length, where the outline has turned from the outer edge (1) to the inner (-1). */
    private function along(float $turn): float
    {
        return self::OPEN + (1 - self::OPEN) * cos($turn * M_PI_2) ** 0.8;
    }

    /** Out from the row, as a part of the reach. */
    private function out(float $turn): float
    {
        return sin($turn * M_PI_2);
    }

    /**
     * $along inches on the row and $out inches outward from the tie.
     *
     * @return array{float, float}
     */
    private function at(Place $tie, float $along, float $out): array
    {
        $place = Place::polar(max($tie->radius() + $out, 0.25), $tie->outward + rad2deg($along / max($tie->radius(), 1.0)));

        return [$place->x, $place->y];
    }
}
