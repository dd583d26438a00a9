<?php

namespace App\Drawing\RibbonSets;

use App\Drawing\Elements\ElementShape;
use App\Drawing\Elements\RibbonSpray;
use App\Drawing\Piece;
use App\Drawing\Shape;

/** A set by eye, aslant so that it is not taken for a row. */
final class RibbonSetsShape implements ElementShape
{
    public function draw(Piece $piece): Shape
    {
        return RibbonSpray::shape($piece, 32.0);
    }
}
