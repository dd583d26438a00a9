<?php

namespace App\Drawing\StemBalls;

use App\Drawing\Elements\Mark;
use App\Drawing\Patch;
use App\Drawing\Path;
use App\Drawing\Piece;
use App\Drawing\Shape;
use Davrin\Core\Geometry\Point;

/** A plain ball. */
final class StemBallsShape extends Mark
{
    public function draw(Piece $piece): Shape
    {
        $half = self::half($piece);

        return new Shape([new Patch(
            0,
            Path::smooth(self::round(Point::middle(), $half), closed: true),
            '',
            Path::smooth(self::round(new Point($half * 0.3, $half * 0.35), $half * 0.45), closed: true),
            Path::smooth(self::round(new Point(-$half * 0.3, -$half * 0.35), $half * 0.3), closed: true),
        )]);
    }
}
