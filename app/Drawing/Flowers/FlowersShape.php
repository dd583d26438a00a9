<?php

namespace App\Drawing\Flowers;

use App\Drawing\Elements\Mark;
use App\Drawing\Patch;
use App\Drawing\Path;
use App\Drawing\Piece;
use App\Drawing\Shape;
use Davrin\Core\Geometry\Point;

/** Six petals round a heart. */
final class FlowersShape extends Mark
{
    private const PETALS = 6;

    public function draw(Piece $piece): Shape
    {
        $half = self::half($piece);
        $petals = array_map(fn (int $petal): Patch => new Patch(
            0,
            self::leaf(Point::middle(), 360.0 * $petal / self::PETALS + 20.0 * $piece->whim(1.0), $half, $half * 0.72),
        ), range(0, self::PETALS - 1));
        $heart = Path::smooth(self::round(Point::middle(), $half * 0.3), closed: true);

        return new Shape([...$petals, new Patch(0, $heart, '', $heart)]);
    }
}
