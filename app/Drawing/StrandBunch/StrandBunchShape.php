<?php

namespace App\Drawing\StrandBunch;

use App\Drawing\Elements\ElementShape;
use App\Drawing\Elements\Spread;
use App\Drawing\Patch;
use App\Drawing\Path;
use App\Drawing\Piece;
use App\Drawing\Shape;
use Davrin\Core\Geometry\Place;

/** Loose strands tied at the middle, spraying out to both sides along the row. */
final class StrandBunchShape implements ElementShape
{
    public function draw(Piece $piece): Shape
    {
        $tie = new Place(0.0, 0.0, 0.0);
        $strands = min(24, (int) $piece->measure('strands'));
        [$paths, $under] = ['', ''];
        foreach (range(0, $strands - 1) as $strand) {
            $lean = ($strand + 0.5) / $strands * 2 - 1;
            foreach ([-1, 1] as $side) {
                $far = 0.82 + 0.18 * $piece->whim($strand + $side);
                $line = Path::bend(
                    $tie->beside(0.0, 0.16 * $lean),
                    $tie->beside($side * $piece->span() * 0.5, $piece->reach() * 0.2 * $lean),
                    $tie->beside($side * $piece->span() * $far, $piece->reach() * (0.8 * $lean + 0.12 * $piece->whim(2 * $strand))),
                );
                $strand % 3 === 0 ? $under .= $line : $paths .= $line;
            }
        }

        return new Shape([new Patch(0, $paths, $under, hollow: true), Spread::stem(0)]);
    }
}
