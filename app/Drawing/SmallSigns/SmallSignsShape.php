<?php

namespace App\Drawing\SmallSigns;

use App\Drawing\Elements\Mark;
use App\Drawing\Elements\StandsUpright;
use App\Drawing\Patch;
use App\Drawing\Path;
use App\Drawing\Piece;
use App\Drawing\Shape;
use Davrin\Core\Geometry\Point;

/** A tag with a hole in its tip, and lines that stand for words. */
final class SmallSignsShape extends Mark implements StandsUpright
{
    public function draw(Piece $piece): Shape
    {
        $half = self::half($piece);
        $at = fn (array $points): array => array_map(fn (array $its): Point => new Point($half * $its[0], $half * $its[1]), $points);
        $line = fn (float $y, float $far): string => Path::line($at([[-$far, $y], [$far, $y]]));

        return new Shape([
            new Patch(
                0,
                Path::closed($at([[-0.7, -0.45], [-0.3, -0.95], [0.3, -0.95], [0.7, -0.45], [0.7, 0.95], [-0.7, 0.95]])),
                $line(-0.1, 0.45).$line(0.25, 0.45).$line(0.6, 0.3),
            ),
            new Patch(0, Path::smooth(self::round(new Point(0.0, -$half * 0.65), $half * 0.12), closed: true), hollow: true),
        ]);
    }
}
