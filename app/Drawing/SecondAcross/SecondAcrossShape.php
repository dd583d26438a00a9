<?php

namespace App\Drawing\SecondAcross;

use App\Drawing\Elements\ElementShape;
use App\Drawing\Elements\Wings;
use App\Drawing\Patch;
use App\Drawing\Piece;
use App\Drawing\Shape;
use Davrin\Core\Geometry\Place;

/** A ruffle turned across the row: its wings point in and out. */
final class SecondAcrossShape implements ElementShape
{
    public function draw(Piece $piece): Shape
    {
        $patches = [];
        foreach ([90.0, -90.0] as $turn) {
            $wing = Wings::frilled(new Place(0.0, 0.0, $turn), $piece->span() * 0.72, $piece->reach(), $piece->seed)->patch(0);
            $patches[] = new Patch(0, $wing->edge, $wing->folds, $wing->shade, $wing->shine);
        }

        return new Shape($patches);
    }
}
