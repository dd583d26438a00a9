<?php

namespace App\Drawing\Elements;

use App\Drawing\Piece;
use App\Drawing\Shape;

/** What is done to a piece and leaves nothing that a drawing shows. */
abstract class NotSeen implements ElementShape
{
    public function draw(Piece $piece): Shape
    {
        return new Shape([]);
    }
}
