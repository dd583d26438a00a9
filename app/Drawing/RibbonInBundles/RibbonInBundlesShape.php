<?php

namespace App\Drawing\RibbonInBundles;

use App\Drawing\Elements\ElementShape;
use App\Drawing\Elements\RibbonSpray;
use App\Drawing\Piece;
use App\Drawing\Shape;

/** Ribbon in a bundle, a little aslant over its tubes. */
final class RibbonInBundlesShape implements ElementShape
{
    public function draw(Piece $piece): Shape
    {
        return RibbonSpray::shape($piece, 18.0);
    }
}
