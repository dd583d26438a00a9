<?php

namespace App\Drawing\Bells;

use App\Drawing\Elements\Mark;
use App\Drawing\Elements\StandsUpright;
use App\Drawing\Patch;
use App\Drawing\Path;
use App\Drawing\Piece;
use App\Drawing\Shape;
use Davrin\Core\Geometry\Point;

/** A bell with its clapper. */
final class BellsShape extends Mark implements StandsUpright
{
    private const OUTLINE = [
        [0.0, -0.95], [0.3, -0.8], [0.45, -0.3], [0.6, 0.25], [0.95, 0.6], [0.0, 0.72], [-0.95, 0.6], [-0.6, 0.25], [-0.45, -0.3],
        [-0.3, -0.8],
    ];

    public function draw(Piece $piece): Shape
    {
        $half = self::half($piece);
        $clapper = Path::smooth(self::round(new Point(0.0, $half * 0.8), $half * 0.2), closed: true);

        return new Shape([
            new Patch(0, $clapper, '', $clapper),
            new Patch(
                0,
                Path::smooth(array_map(fn (array $at): Point => new Point($half * $at[0], $half * $at[1]), self::OUTLINE), closed: true),
                Path::bend(new Point(-$half * 0.62, $half * 0.3), new Point(0.0, $half * 0.5), new Point($half * 0.62, $half * 0.3)),
            ),
        ]);
    }
}
