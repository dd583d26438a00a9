<?php

namespace App\Drawing\GatheredDrape;

use App\Drawing\Elements\ElementShape;
use App\Drawing\Elements\HangsDown;
use App\Drawing\Patch;
use App\Drawing\Path;
use App\Drawing\Piece;
use App\Drawing\Shape;
use Davrin\Core\Geometry\Point;

/** A knot of gathers at the tie, and two long ends hanging from it, wider towards their cut edges. */
final class GatheredDrapeShape implements ElementShape, HangsDown
{
    public function draw(Piece $piece): Shape
    {
        $long = $piece->measure('length') / 2;
        $knot = array_map(fn (int $step): Point => new Point(0.75 * cos($step * M_PI / 4), 0.55 * sin($step * M_PI / 4)), range(0, 7));

        return new Shape(
            [
                $this->end($piece, $long, -1),
                $this->end($piece, $long * 0.94, 1),
                new Patch(
                    0,
                    Path::smooth($knot, closed: true),
                    Path::bend(new Point(-0.4, -0.3), new Point(0.0, 0.1), new Point(0.4, -0.3)),
                    '',
                    Path::smooth($knot, closed: true),
                ),
            ],
        );
    }

    private function end(Piece $piece, float $long, int $side): Patch
    {
        $foot = min(2.6, $piece->width() / 4);
        $middle = $side * $foot * 1.15;
        $at = fn (float $across, float $down): Point => new Point(
            $middle * (0.1 + 0.9 * min(1.0, $down * 1.3))
                + $foot * $across * (0.18 + 0.72 * min(1.0, $down * 1.15))
                + 0.12 * sin($down * 7 + $side),
            $long * $down,
        );
        $hem = array_map(
            fn (int $step): Point => new Point($at(1 - $step / 4, 1.0)->x, $long * (1 - 0.025 * ($step % 2))),
            range(0, 8),
        );
        $folds = '';
        foreach ([-0.6, -0.2, 0.2, 0.6] as $across) {
            $folds .= Path::smooth([$at($across, 0.04), $at($across, 0.35), $at($across, 0.7), $at($across, 0.97)], closed: false);
        }

        return new Patch(
            0,
            Path::smooth(
                [$at(-1.0, 0.0), $at(1.0, 0.0), $at(1.0, 0.3), $at(1.0, 0.65), ...$hem, $at(-1.0, 0.65), $at(-1.0, 0.3)],
                closed: true,
            ),
            $folds,
            Path::closed([$at(0.2, 0.06), $at(0.6, 0.06), $at(0.6, 0.95), $at(0.2, 0.95)]),
            Path::closed([$at(-0.8, 0.2), $at(-0.35, 0.2), $at(-0.35, 0.95), $at(-0.8, 0.95)]),
        );
    }
}
