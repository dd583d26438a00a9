<?php

namespace App\Drawing\Ruffle;

use App\Drawing\Elements\ElementShape;
use App\Drawing\Elements\Wings;
use App\Drawing\Piece;
use App\Drawing\Shape;

/** Two wings pinched at the tie, with frilled ends. */
final class RuffleShape implements ElementShape
{
    public function draw(Piece $piece): Shape
    {
        return new Shape([Wings::frilled($piece->tie(), $piece->reach(), $piece->span(), $piece->seed)->patch(0)]);
    }
}
