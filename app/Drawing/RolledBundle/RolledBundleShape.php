<?php

namespace App\Drawing\RolledBundle;

use App\Drawing\Elements\Curl;
use App\Drawing\Elements\ElementShape;
use App\Drawing\Elements\Spread;
use App\Drawing\Piece;
use App\Drawing\Shape;
use Davrin\Core\Geometry\Place;

/** Tubes crossed at the middle like a fan, open and round at their ends. */
final class RolledBundleShape implements ElementShape
{
    public function draw(Piece $piece): Shape
    {
        $turns = $piece->measure('length') / (M_PI * max(0.25, $piece->measure('curl')));
        $patches = [];
        foreach (Spread::of($piece, 78.0) as $which => $turn) {
            $patches[] = Curl::patch($which, new Place(0.0, 0.0, $turn), $piece->width() / 2, $piece->measure('curl') / 2, $turns);
        }

        return new Shape([...$patches, Spread::stem(count($patches) - 1)]);
    }
}
