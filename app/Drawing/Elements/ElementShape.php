<?php

namespace App\Drawing\Elements;

use App\Drawing\Shape;
use Davrin\Core\Form\Place;

/** How a technique's element looks. Found by the technique's key: "poof-run" is drawn by PoofRunShape. */
interface ElementShape
{
    /**
     * @param  int  $seed  the element's own number: no two look quite alike, and each looks the same every time
     * @param  non-empty-list<Place>  $ties  the ties it hangs on, the first in the middle with outward up, as seen from the side that is drawn
     * @param  float  $reach  inches across the form
     * @param  float  $span  inches along the row to each side
     */
    public function draw(int $seed, array $ties, float $reach, float $span): Shape;
}
