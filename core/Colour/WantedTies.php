<?php

declare(strict_types=1);

namespace Davrin\Core\Colour;

use Davrin\Core\Ties\Tie;

/** The ties that a maker wants the first colour on. */
enum WantedTies: string
{
    case Crossbars = 'crossbars';
    case Corners = 'corners';
    case Painted = 'painted';

    /** "the crossbars". */
    public function words(): string
    {
        return $this === self::Painted ? 'ties painted by hand' : $this->value;
    }

    /** @return list<Tie> */
    public function ties(ColourTask $colourTask): array
    {
        return match ($this) {
            self::Crossbars => $colourTask->onCrossbars(),
            self::Corners => $colourTask->onCorners(),
            self::Painted => array_values(
                array_filter($colourTask->ties(), fn (Tie $tie): bool => isset($colourTask->painted[$tie->number])),
            ),
        };
    }
}
