<?php

namespace App\Drawing\FoldedRuffle;

use App\Drawing\Elements\ElementShape;
use App\Drawing\Elements\Wings;
use App\Drawing\Patch;
use App\Drawing\Path;
use App\Drawing\Piece;
use App\Drawing\Shape;

/** Two wings with straight ends, and the hem of the fold as a line beside them. */
final class FoldedRuffleShape implements ElementShape
{
    public function draw(Piece $piece): Shape
    {
        $wings = Wings::hemmed($piece->tie(), $piece->reach(), $piece->span(), $piece->seed);
        $long = $piece->measure('length') / 2 - $piece->measure('fold');
        $hem = $wings->arc(max(0.4, 1 - max(0.1, $piece->measure('fold') / max(0.5, $long))));
        $end = $wings->arc(1.0);

        $wing = $wings->patch(0);
        $band = Path::closed([...$hem, ...array_reverse($end)]);

        return new Shape([$wing, new Patch(0, $band, '', $band, '', mirrored: true)]);
    }
}
