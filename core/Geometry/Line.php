<?php

declare(strict_types=1);

namespace Davrin\Core\Geometry;

use JsonSerializable;

/** What a wire, or a row between two wires, follows. Lengths and places are in inches and may be floats. */
interface Line extends JsonSerializable
{
    public function length(): float;

    public function closed(): bool;

    /** The place so many inches from its first point; on a closed line it goes on round. */
    public function at(float $distance): Place;

    /**
     * The points from one distance to a greater one. Past its ends an open line goes straight on; of a closed line once round
     * the last point, which is the first, is left out.
     *
     * @return non-empty-list<Point>
     */
    public function stretch(float $from, float $to): array;
}
