<?php

namespace App\Drawing\WrappedStrips;

use App\Drawing\Elements\ElementShape;
use App\Drawing\Patch;
use App\Drawing\Path;
use App\Drawing\Piece;
use App\Drawing\Shape;
use Davrin\Core\Geometry\Point;

/** A strip that goes over all the wires and round them at both edges, loosely: it swells, and narrows where it turns under. */
final class WrappedStripsShape implements ElementShape
{
    public function draw(Piece $piece): Shape
    {
        [$tie, $span] = [$piece->tie(), $piece->span()];
        $at = fn (float $along, float $part): Point => $tie->beside(
            $span * (0.78 * $along + 0.22 * $part),
            $piece->middle + $piece->reach() * $part,
        );
        $edge = fn (int $side): array => array_map(
            fn (array $part): Point => $at($side * $part[0], $part[1]),
            [[0.72, 1.0], [0.95, 0.72], [1.0, 0.0], [0.95, -0.72], [0.72, -1.0]],
        );
        $folds = '';
        foreach ([-0.6, -0.2, 0.2, 0.6] as $along) {
            $folds .= Path::bend($at($along * 0.8, 0.97), $at($along * 1.25, 0.0), $at($along * 0.8, -0.97));
        }

        return new Shape([new Patch(
            0,
            Path::smooth([...$edge(1), ...array_reverse($edge(-1))], closed: true),
            $folds,
            Path::closed([$at(-0.72, 1.0), $at(0.72, 1.0), $at(0.8, 0.8), $at(-0.8, 0.8)])
                .Path::closed([$at(-0.72, -1.0), $at(0.72, -1.0), $at(0.8, -0.8), $at(-0.8, -0.8)]),
            Path::closed([$at(-0.1, 0.7), $at(0.3, 0.7), $at(0.34, -0.7), $at(-0.1, -0.7)]),
        )]);
    }
}
