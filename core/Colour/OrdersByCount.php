<?php

declare(strict_types=1);

namespace Davrin\Core\Colour;

/** An order of colours that is told how many of each mesh there are to be. */
interface OrdersByCount
{
    /** @return non-empty-array<string, int> by the id of the mesh, as they are named */
    public function named(ColourTask $colourTask): array;
}
