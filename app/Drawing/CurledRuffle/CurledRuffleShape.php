<?php

namespace App\Drawing\CurledRuffle;

use App\Drawing\Elements\Curl;
use App\Drawing\Elements\ElementShape;
use App\Drawing\Elements\Wings;
use App\Drawing\Patch;
use App\Drawing\Piece;
use App\Drawing\Shape;
use Davrin\Core\Geometry\Place;

/** Two wings, each ending in a roll that lies across the row with its spiral to be seen. */
class CurledRuffleShape implements ElementShape
{
    public function draw(Piece $piece): Shape
    {
        return new Shape($this->curled($piece, $piece->tie(), 0, 1.0));
    }

    /**
     * One curled ruffle that lies along the row of a place.
     *
     * @param  float  $broad  how much of the mesh's width it shows
     * @return non-empty-list<Patch>
     */
    protected function curled(Piece $piece, Place $tie, int $which, float $broad): array
    {
        $radius = max(0.28, $piece->measure('curl') / 2 * sqrt($piece->measure('turns')));
        $wing = max($piece->span() - $radius, 0.6);
        $reach = $piece->reach() * $broad;
        $end = $tie->beside($wing, 0.0);

        return [
            Wings::hemmed($tie, $reach * 0.86, $wing, $piece->seed + $which)->patch($which),
            Curl::patch(
                $which,
                new Place($end->x, $end->y, $this->turned($tie, $wing)),
                $reach,
                $radius,
                $piece->measure('turns'),
                mirrored: true,
            ),
        ];
    }

    /** Which way is outward so far along the row. */
    private function turned(Place $tie, float $along): float
    {
        return abs($tie->bend) < 1e-6 ? $tie->outward : $tie->outward + rad2deg($along * $tie->bend);
    }
}
