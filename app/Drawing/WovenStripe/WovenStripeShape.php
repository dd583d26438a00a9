<?php

namespace App\Drawing\WovenStripe;

use App\Drawing\Elements\ElementShape;
use App\Drawing\Elements\RibbonBand;
use App\Drawing\Elements\StandsUpright;
use App\Drawing\Piece;
use App\Drawing\Shape;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Geometry\Point;

/** A folded ribbon from tie to tie along the row, over one and under the next. */
final class WovenStripeShape implements ElementShape, StandsUpright
{
    private const STEPS = 6;

    public function draw(Piece $piece): Shape
    {
        [$under, $over] = [[], []];
        foreach (array_keys($piece->lengths) as $which) {
            // Folded lengthwise it is half as wide.
            $width = ($piece->widths[$which] ?? 1.0) / 2;
            foreach (array_slice($piece->ties, 1) as $index => $to) {
                $line = self::line($piece->ties[$index], $to);
                $index % 2 === 0
                    ? $over[] = RibbonBand::along($which, $line, $width)
                    : $under[] = RibbonBand::along($which, $line, $width * 0.8, isUnder: true);
            }
        }
        $patches = [...$under, ...$over];

        return new Shape($patches === [] ? [RibbonBand::along(0, [new Point(0.0, 0.0), new Point(1.0, 0.0)], 1.0)] : $patches);
    }

    /** @return non-empty-list<Point> from one tie to the next, bent as their row is */
    private static function line(Place $from, Place $to): array
    {
        $way = hypot($to->x - $from->x, $to->y - $from->y);
        $radius = abs($from->bend) > 1e-6 ? 1 / abs($from->bend) : INF;
        $bulge = $way / 2 < $radius && $radius < INF ? $radius - sqrt($radius ** 2 - ($way / 2) ** 2) : 0.0;
        $outward = deg2rad(($from->outward + (fmod($to->outward - $from->outward + 540.0, 360.0) - 180.0) / 2));

        return array_map(function (int $step) use ($from, $to, $bulge, $outward): Point {
            $part = $step / self::STEPS;
            $out = 4 * $bulge * $part * (1 - $part);

            return new Point(
                $from->x + ($to->x - $from->x) * $part + $out * sin($outward),
                $from->y + ($to->y - $from->y) * $part - $out * cos($outward),
            );
        }, range(0, self::STEPS));
    }
}
