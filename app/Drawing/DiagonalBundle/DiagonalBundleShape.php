<?php

namespace App\Drawing\DiagonalBundle;

use App\Drawing\Elements\ElementShape;
use App\Drawing\Elements\Spread;
use App\Drawing\Patch;
use App\Drawing\Path;
use App\Drawing\Piece;
use App\Drawing\Shape;
use Davrin\Core\Geometry\Place;

/** Spikes crossed at the middle: thick there, pointed at both ends, with the edge of the roll winding round them. */
final class DiagonalBundleShape implements ElementShape
{
    public function draw(Piece $piece): Shape
    {
        $patches = [];
        foreach (Spread::of($piece, 125.0) as $which => $turn) {
            $patches[] = $this->spike($which, new Place(0.0, 0.0, $turn), $piece->reach(), $piece->measure('curl') / 2);
        }

        return new Shape([...$patches, Spread::stem(count($patches) - 1)]);
    }

    private function spike(int $which, Place $at, float $half, float $radius): Patch
    {
        $side = fn (int $side): array => $at->outline(
            [[0.0, 1.0], [0.42, 0.66], [0.86, 0.3], [0.74, 0.0], [0.86, -0.3], [0.42, -0.66], [0.0, -1.0]],
            $side * $radius,
            $half,
        );
        $winds = '';
        foreach ([-0.66, -0.42, -0.2, 0.2, 0.42, 0.66] as $out) {
            $thick = $radius * (1 - abs($out)) * 1.15;
            $winds .= Path::bend(
                $at->beside(-$thick, $half * ($out - 0.05)),
                $at->beside(0.0, $half * ($out + 0.1)),
                $at->beside($thick, $half * ($out + 0.06)),
            );
        }

        return new Patch(
            $which,
            Path::smooth([...$side(1), ...array_slice(array_reverse($side(-1)), 1, -1)], closed: true),
            $winds,
            Path::closed($at->outline([[0.2, 0.8], [0.86, 0.3], [0.74, 0.0], [0.86, -0.3], [0.2, -0.8]], $radius, $half)),
            Path::closed($at->outline([[0.0, 0.9], [-0.6, 0.3], [-0.2, 0.2]], $radius, $half)),
        );
    }
}
