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
        $half = fn (int $side): array => array_map(
            fn (array $point): array => $tie->beside($span * $point[0], $side * $reach * $point[1]),
            [[0.0, 0.62], [0.12, 0.74], [0.34, 0.96], [0.6, 1.0], [0.8, 0.86], [0.94, 0.58], [1.0, 0.34]],
        );
        $folds = '';
        foreach ([-0.78, -0.5, -0.22, 0.22, 0.5, 0.78] as $out) {
            $folds .= Path::smooth(
                array_map(
                    fn (array $point): array => $tie->beside($span * $point[0], $reach * $out * $point[1]),
                    [[0.0, 0.62], [0.3, 0.9], [0.6, 0.96], [0.9, 0.62]],
                ),
                closed: false,
            );
        }
        $tuck = [
            $tie->beside($span * 0.86, $reach * 0.72),
            $tie->beside($span * 0.94, $reach * 0.55),
            $tie->beside($span * 0.99, $reach * 0.3),
            $tie->beside($span * 0.99, -$reach * 0.3),
            $tie->beside($span * 0.94, -$reach * 0.55),
            $tie->beside($span * 0.86, -$reach * 0.72),
        ];
        $groove = [
            $tie->beside(0.0, $reach * 0.62),
            $tie->beside($span * 0.07, $reach * 0.2),
            $tie->beside($span * 0.07, -$reach * 0.2),
            $tie->beside(0.0, -$reach * 0.62),
        ];

        return new Shape([new Patch(
            0,
            Path::smooth([...$half(1), ...array_reverse($half(-1))], closed: true),
            $folds,
            Path::closed($tuck).Path::closed($groove),
            Path::smooth(
                array_map(
                    fn (array $point): array => $tie->beside($span * $point[0], $reach * $point[1]),
                    [[0.2, 0.4], [0.45, 0.56], [0.7, 0.5], [0.7, 0.3], [0.45, 0.34], [0.2, 0.24]],
                ),
                closed: true,
            ),
            mirrored: true,
        )]);
    }
}
