<?php

declare(strict_types=1);

namespace Davrin\Core\Geometry;

/**
 * Lines side by side, as the wires of a form and the rows between them are. Each is so many inches in from the outermost;
 * a crossbar crosses all of them at the same spot, which is told by its distance along the outermost.
 */
interface Track
{
    public function line(float $inset): Line;

    /** How far along the line at this inset the spot is that lies $spot inches along the outermost. */
    public function along(float $inset, float $spot): float;
}
