<?php

namespace App\Drawing\Picks;

use App\Drawing\Elements\Mark;
use App\Drawing\Patch;
use App\Drawing\Path;
use App\Drawing\Piece;
use App\Drawing\Shape;
use Davrin\Core\Geometry\Point;

/** A sprig: two leaves and three berries on a stem. */
final class PicksShape extends Mark
{
    public function draw(Piece $piece): Shape
    {
        $half = self::half($piece);
        $foot = new Point(0.0, $half);
        $berry = fn (float $x, float $y): Patch => new Patch(0, Path::smooth(
            self::round(new Point($x * $half, $y * $half), $half * 0.28),
            closed: true,
        ));

        return new Shape([
            new Patch(0, Path::bend($foot, new Point($half * 0.1, 0.0), new Point(0.0, -$half * 0.4)), hollow: true),
            new Patch(0, self::leaf(new Point(0.0, $half * 0.5), 60.0, $half, $half * 0.5)),
            new Patch(0, self::leaf(new Point(0.0, $half * 0.5), -60.0, $half, $half * 0.5)),
            $berry(-0.36, -0.3), $berry(0.36, -0.3), $berry(0.0, -0.68),
        ]);
    }
}
