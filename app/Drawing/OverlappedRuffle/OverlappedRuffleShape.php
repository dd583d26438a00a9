<?php

namespace App\Drawing\OverlappedRuffle;

use App\Drawing\Elements\ElementShape;
use App\Drawing\Patch;
use App\Drawing\Path;
use App\Drawing\Piece;
use App\Drawing\Shape;

/**
 * Two plump loops, each a layer folded round at its end with the space inside it to be seen, and over the middle the ends
 * that overlap.
 */
final class OverlappedRuffleShape implements ElementShape
{
    public function draw(Piece $piece): Shape
    {
        [$tie, $reach, $span] = [$piece->tie(), $piece->reach(), $piece->span()];
        $loop = fn (float $size): array => $tie->outline(
            [
                [0.02, 0.1], [0.22, 0.55], [0.6, 0.94], [0.88, 0.9], [1.0, 0.45], [1.0, 0.0],
                [1.0, -0.45], [0.88, -0.9], [0.6, -0.94], [0.22, -0.55], [0.02, -0.1],
            ],
            $span * $size,
            $reach * (0.4 + 0.6 * $size),
        );
        $mouth = $tie->outline(
            [[0.82, 0.8], [0.97, 0.4], [0.95, 0.0], [0.97, -0.4], [0.82, -0.8], [0.66, -0.4], [0.62, 0.0], [0.66, 0.4]],
            $span,
            $reach,
        );
        $pleats = '';
        foreach ([-0.62, -0.3, 0.0, 0.3, 0.62] as $out) {
            $pleats .= Path::bend(
                $tie->beside($span * 0.06, $reach * 0.08 * $out),
                $tie->beside($span * 0.4, $reach * 0.7 * $out),
                $tie->beside($span * 0.83, $reach * 0.92 * $out),
            );
        }
        // The ends that were folded over lie across the pinch, as far as they overlap.
        $lap = min(0.5, 0.12 + $piece->measure('overlap') / max(1.0, $piece->measure('length')) * 2);
        $over = $tie->outline(
            [
                [-1.0, 0.5], [-0.5, 0.3], [0.0, 0.16], [0.5, 0.3], [1.0, 0.5], [0.9, 0.0],
                [1.0, -0.5], [0.5, -0.3], [0.0, -0.16], [-0.5, -0.3], [-1.0, -0.5], [-0.9, 0.0],
            ],
            $span * $lap,
            $reach,
        );

        return new Shape([
            new Patch(
                0,
                Path::smooth($loop(1.0), closed: true),
                $pleats,
                Path::smooth($mouth, closed: true).Path::smooth($loop(0.45), closed: true),
                Path::smooth($loop(0.78), closed: true),
                mirrored: true,
            ),
            new Patch(0, Path::smooth($over, closed: true), '', '', Path::smooth($over, closed: true)),
        ]);
    }
}
