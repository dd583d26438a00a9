<?php

namespace App\Drawing\CrossedCurledRuffles;

use App\Drawing\CurledRuffle\CurledRuffleShape;
use App\Drawing\Patch;
use App\Drawing\Piece;
use App\Drawing\Shape;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Part\CrossedCurledRuffles\CrossedCurledRuffles;

/** Two curled ruffles laid as an X. */
final class CrossedCurledRufflesShape extends CurledRuffleShape
{
    public function draw(Piece $piece): Shape
    {
        $patches = [];
        foreach ([-1, 1] as $which => $side) {
            // A piece off the row has no mirror image: its other wing is drawn turned round.
            foreach ([0.0, 180.0] as $round) {
                $turned = new Place(0.0, 0.0, $side * CrossedCurledRuffles::TURNED + $round);
                foreach ($this->curled($piece, $turned, $which, CrossedCurledRuffles::SHOWS) as $patch) {
                    $patches[] = new Patch($patch->piece, $patch->edge, $patch->folds, $patch->shade, $patch->shine);
                }
            }
        }

        return new Shape($patches);
    }
}
