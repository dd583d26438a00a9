<?php

namespace App\Drawing\Greenery;

use App\Drawing\Elements\Mark;
use App\Drawing\Patch;
use App\Drawing\Path;
use App\Drawing\Piece;
use App\Drawing\Shape;
use Davrin\Core\Geometry\Point;

/** A rib with narrow leaves in pairs, and one at its tip. */
final class GreeneryShape extends Mark
{
    public function draw(Piece $piece): Shape
    {
        $half = self::half($piece);
        $leaves = [];
        foreach ([0.55, 0.15, -0.25] as $at) {
            foreach ([58.0, -58.0] as $turn) {
                $leaves[] = new Patch(0, self::leaf(new Point(0.0, $at * $half), $turn, $half * 0.7, $half * 0.22));
            }
        }

        return new Shape([
            new Patch(0, Path::line([new Point(0.0, $half), new Point(0.0, -$half * 0.5)]), hollow: true),
            ...$leaves,
            new Patch(0, self::leaf(new Point(0.0, -$half * 0.35), 0.0, $half * 0.65, $half * 0.24)),
        ]);
    }
}
