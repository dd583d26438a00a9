<?php

namespace App\Drawing\Elements;

use App\Drawing\Patch;
use App\Drawing\Path;
use App\Drawing\Piece;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Geometry\Point;

/** Pieces of a bundle turned against each other. */
final class Spread
{
    /** @return non-empty-list<float> how far each piece is turned, in degrees from the outward way; $widest from the first to the last */
    public static function of(Piece $piece, float $widest): array
    {
        $pieces = $piece->pieces();

        return array_map(
            fn (int $which): float => $pieces === 1 ? 0.0 : ($which / ($pieces - 1) - 0.5) * $widest + 5 * $piece->whim($which),
            range(0, max(0, $pieces - 1)),
        );
    }

    /** What ties them together at the middle, over the uppermost. */
    public static function stem(int $piece): Patch
    {
        $around = fn (float $size): array => array_map(
            fn (int $step): Point => (new Place(0.0, 0.0, 0.0))->beside($size * cos($step * M_PI / 4), $size * sin($step * M_PI / 4)),
            range(0, 7),
        );

        return new Patch($piece, Path::smooth($around(0.3), closed: true), '', Path::smooth($around(0.3), closed: true));
    }
}
