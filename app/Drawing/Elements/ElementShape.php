<?php

namespace App\Drawing\Elements;

use App\Drawing\Piece;
use App\Drawing\PoofRun\PoofRunShape;
use App\Drawing\Shape;

/** How a technique's element looks. Found by the technique's key: "poof-run" is drawn by PoofRunShape. */
interface ElementShape
{
    public function draw(Piece $piece): Shape;
}
