<?php

namespace App\Drawing\Streamers;

use App\Drawing\Elements\ElementShape;
use App\Drawing\Elements\HangsDown;
use App\Drawing\Elements\RibbonSpray;
use App\Drawing\Piece;
use App\Drawing\Shape;

/** One ribbon that hangs, swinging a little to its side. */
final class StreamersShape implements ElementShape, HangsDown
{
    public function draw(Piece $piece): Shape
    {
        return new Shape(RibbonSpray::hanging($piece, 0, $piece->lengths[0] ?? 1.0));
    }
}
