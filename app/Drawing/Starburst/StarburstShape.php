<?php

namespace App\Drawing\Starburst;

use App\Drawing\Elements\ElementShape;
use App\Drawing\Elements\Spread;
use App\Drawing\Elements\Wings;
use App\Drawing\Patch;
use App\Drawing\Piece;
use App\Drawing\Shape;
use Davrin\Core\Geometry\Place;

/** Small bow ties turned against each other until their frilled ends go all the way round. */
final class StarburstShape implements ElementShape
{
    public function draw(Piece $piece): Shape
    {
        $patches = [];
        $pieces = $piece->pieces();
        foreach (range(0, $pieces - 1) as $which) {
            $turn = 180.0 * $which / $pieces + 6 * $piece->whim($which);
            // As broad as the mesh is wide, but no broader than leaves room for the others.
            $broad = min($piece->width() / 2, $piece->reach()) * 0.62;
            foreach ([0.0, 180.0] as $round) {
                $wing = Wings::frilled(new Place(0.0, 0.0, $turn + $round), $broad, $piece->reach(), $piece->seed + $which)->patch($which);
                $patches[] = new Patch($which, $wing->edge, $wing->folds, $wing->shade, $wing->shine);
            }
        }

        return new Shape([...$patches, Spread::stem($pieces - 1)]);
    }
}
