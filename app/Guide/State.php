<?php

namespace App\Guide;

use App\Techniques\Sample;

/** How the work looks at one moment: flat, folded, pinched, tied, on the form. */
interface State
{
    /** By which word a page of the guide asks for it. */
    public function name(): string;

    /** @param  ?Sample  $sample  of the kind of part that the page is about; null where it is about none */
    public function draw(Said $said, ?Sample $sample): Scene;
}
