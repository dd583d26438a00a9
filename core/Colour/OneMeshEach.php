<?php

declare(strict_types=1);

namespace Davrin\Core\Colour;

use Davrin\Core\Material\MaterialUse;

/** What all orders share that make each element of a single mesh, chosen by its tie. */
abstract class OneMeshEach implements ColourOrder
{
    public function suits(MaterialUse $use): bool
    {
        return $use->variesByTie && ! $use->counted;
    }

    public function materials(MaterialUse $use, int $ties): MaterialUse
    {
        return MaterialUse::several();
    }

    public function deal(ColourTask $colourTask): array
    {
        return $colourTask->each($this->dealt($colourTask));
    }

    public function concerns(ColourTask $colourTask): array
    {
        return LikeNeighbours::ofPaint($colourTask, $this->dealt($colourTask));
    }

    /** @return array<int, string> before anything is painted, by the number of the tie */
    abstract protected function dealt(ColourTask $colourTask): array;
}
