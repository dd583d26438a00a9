<?php

namespace App\Forms;

use Svg\Document;

/** What a path of the SVG library is drawn into: nothing but a pen. */
final class PenDocument extends Document
{
    public function __construct(Pen $pen)
    {
        $this->surface = $pen;
    }
}
