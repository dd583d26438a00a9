<?php

namespace App\Drawing\Elements;

use App\Drawing\Piece;
use App\Drawing\Shape;

/** How an element of a kind of part looks; Drawings finds it. */
interface ElementShape
{
    public function draw(Piece $piece): Shape;
}
