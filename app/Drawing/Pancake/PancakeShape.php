<?php

namespace App\Drawing\Pancake;

use App\Drawing\Elements\ElementShape;
use App\Drawing\Patch;
use App\Drawing\Path;
use App\Drawing\Piece;
use App\Drawing\Shape;

/** A long flat panel, hardly gathered, with folds that run along it and ends that narrow to go under its neighbours. */
final class PancakeShape implements ElementShape
{
    public function draw(Piece $piece): Shape
    {
        [$tie, $reach, $span] = [$piece->tie(), $piece->reach(), $piece->span()];
        $half = fn (int $side): array => $tie->outline(
            [[0.0, 0.62], [0.12, 0.74], [0.34, 0.96], [0.6, 1.0], [0.8, 0.86], [0.94, 0.58], [1.0, 0.34]],
            $span,
            $side * $reach,
        );
        $folds = '';
        foreach ([-0.78, -0.5, -0.22, 0.22, 0.5, 0.78] as $out) {
            $folds .= Path::smooth(
                $tie->outline([[0.0, 0.62], [0.3, 0.9], [0.6, 0.96], [0.9, 0.62]], $span, $reach * $out),
                closed: false,
            );
        }
        $tuck = $tie->outline(
            [[0.86, 0.72], [0.94, 0.55], [0.99, 0.3], [0.99, -0.3], [0.94, -0.55], [0.86, -0.72]],
            $span,
            $reach,
        );
        $groove = $tie->outline([[0.0, 0.62], [0.07, 0.2], [0.07, -0.2], [0.0, -0.62]], $span, $reach);

        return new Shape([new Patch(
            0,
            Path::smooth([...$half(1), ...array_reverse($half(-1))], closed: true),
            $folds,
            Path::closed($tuck).Path::closed($groove),
            Path::smooth(
                $tie->outline([[0.2, 0.4], [0.45, 0.56], [0.7, 0.5], [0.7, 0.3], [0.45, 0.34], [0.2, 0.24]], $span, $reach),
                closed: true,
            ),
            mirrored: true,
        )]);
    }
}
