<?php

declare(strict_types=1);

namespace Davrin\Core\Colour;

use Davrin\Core\Ties\Tie;

/** Ties that a first colour is wanted on. */
enum Where: string
{
    case Crossbars = 'crossbars';
    case Corners = 'corners';

    /** @return list<Tie> */
    public function ties(Deal $deal): array
    {
        return match ($this) {
            self::Crossbars => $deal->onCrossbars(),
            self::Corners => $deal->onCorners(),
        };
    }
}
