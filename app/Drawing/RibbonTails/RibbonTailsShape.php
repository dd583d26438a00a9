<?php

namespace App\Drawing\RibbonTails;

use App\Drawing\Elements\ElementShape;
use App\Drawing\Elements\RibbonSpray;
use App\Drawing\Piece;
use App\Drawing\Shape;

/** Tails over the mesh on their tie, across the row. */
final class RibbonTailsShape implements ElementShape
{
    public function draw(Piece $piece): Shape
    {
        return RibbonSpray::shape($piece);
    }
}
