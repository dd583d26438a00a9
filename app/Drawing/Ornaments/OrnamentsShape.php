<?php

namespace App\Drawing\Ornaments;

use App\Drawing\Elements\Mark;
use App\Drawing\Elements\StandsUpright;
use App\Drawing\Patch;
use App\Drawing\Path;
use App\Drawing\Piece;
use App\Drawing\Shape;
use Davrin\Core\Geometry\Point;

/** A ball with a band round it and a cap with its loop. */
final class OrnamentsShape extends Mark implements StandsUpright
{
    public function draw(Piece $piece): Shape
    {
        $half = self::half($piece);
        $ball = new Point(0.0, $half * 0.15);
        $band = fn (float $at): string => Path::bend(
            new Point(-$half * 0.8, $half * $at),
            new Point(0.0, $half * ($at + 0.3)),
            new Point($half * 0.8, $half * $at),
        );
        $cap = [[-0.22, -0.66], [0.22, -0.66], [0.22, -0.86], [-0.22, -0.86]];

        return new Shape([
            new Patch(0, Path::smooth(self::round(new Point(0.0, -$half * 0.98), $half * 0.14), closed: true), hollow: true),
            new Patch(
                0,
                Path::smooth(self::round($ball, $half * 0.84), closed: true),
                $band(0.0).$band(0.3),
                '',
                Path::smooth(self::round(new Point(-$half * 0.3, -$half * 0.2), $half * 0.2), closed: true),
            ),
            new Patch(0, Path::closed(array_map(fn (array $at): Point => new Point($half * $at[0], $half * $at[1]), $cap))),
        ]);
    }
}
