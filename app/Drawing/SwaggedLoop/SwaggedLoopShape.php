<?php

namespace App\Drawing\SwaggedLoop;

use App\Drawing\Elements\ElementShape;
use App\Drawing\Elements\RibbonBand;
use App\Drawing\Elements\RibbonSpray;
use App\Drawing\Elements\StandsUpright;
use App\Drawing\Piece;
use App\Drawing\Shape;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Geometry\Point;

/** A tail at each of two ties, and between them a loop that sags by what it is longer than the way. */
final class SwaggedLoopShape implements ElementShape, StandsUpright
{
    public function draw(Piece $piece): Shape
    {
        $to = $piece->ties[1] ?? new Place(1.0, 0.0, 0.0);
        $way = hypot($to->x, $to->y);
        $sags = sqrt(max(0.0, 0.375 * $way * ($piece->measure('loose') - $way)));
        // Between ties one below the other it hangs outward as well.
        $out = sin(deg2rad($piece->tie()->outward)) * abs($to->y) / max(1e-6, $way);
        $patches = [];
        foreach (array_keys($piece->lengths) as $which) {
            foreach ([[new Place(0.0, 0.0, 172.0), 0.0], [new Place($to->x, $to->y, 188.0), 1.0]] as [$at, $end]) {
                $patches[] = RibbonSpray::strip($piece, $which, $at)->patch($which, $piece->measure('tail'), 0.3 * ($end - 0.5));
            }
            $line = array_map(function (int $step) use ($to, $sags, $which, $out): Point {
                $part = $step / 12;
                $bulge = (4 - 0.4 * $which) * $sags * $part * (1 - $part);

                return new Point($to->x * $part + $out * $bulge, $to->y * $part + (1 - 0.6 * abs($out)) * $bulge);
            }, range(0, 12));
            $patches[] = RibbonBand::along($which, $line, ($piece->widths[$which] ?? 1.0) * 0.8);
        }

        return new Shape($patches === [] ? [RibbonBand::along(0, [new Point(0.0, 0.0), new Point(1.0, 0.0)], 1.0)] : $patches);
    }
}
