<?php

namespace App\Drawing\PushedRuffles;

use App\Drawing\Elements\ElementShape;
use App\Drawing\Patch;
use App\Drawing\Path;
use App\Drawing\Piece;
use App\Drawing\Shape;
use Davrin\Core\Geometry\Point;

/** A crest that lies across the row where the burlap was raised, and the dark slots at both sides where it was pushed down. */
final class PushedRufflesShape implements ElementShape
{
    public function draw(Piece $piece): Shape
    {
        [$tie, $reach] = [$piece->tie(), $piece->reach()];
        $half = max(0.5, $piece->measure('rise') * 0.55 + $piece->measure('step') * 0.3);
        // The crest waves across the row; the higher it is raised, the more.
        $wave = fn (float $along, float $size): array => array_map(
            fn (int $step): Point => $tie->beside(
                $along + 0.22 * $piece->measure('rise') * sin($step * M_PI / 2 + $piece->seed),
                $reach * $size * ($step / 4 - 1),
            ),
            range(0, 8),
        );
        $slot = fn (float $along): string => Path::smooth(
            [...$wave($along - 0.12, 0.9), ...array_reverse($wave($along + 0.12, 0.9))],
            closed: true,
        );
        $ribs = '';
        foreach ([-0.45, 0.0, 0.45] as $part) {
            $ribs .= Path::smooth($wave($half * $part, 0.96), closed: false);
        }

        return new Shape([new Patch(
            0,
            Path::smooth([...$wave(-$half, 1.0), ...array_reverse($wave($half, 1.0))], closed: true),
            $ribs,
            $slot(-$half * 0.86).$slot($half * 0.86),
            Path::smooth([...$wave(-$half * 0.3, 0.94), ...array_reverse($wave($half * 0.1, 0.94))], closed: true),
        )]);
    }
}
