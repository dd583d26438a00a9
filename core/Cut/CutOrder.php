<?php

declare(strict_types=1);

namespace Davrin\Core\Cut;

/** In which order rolls are taken up to be cut. */
enum CutOrder: string
{
    case ByColour = 'colour';
    case LongestFirst = 'longest';

    public function words(): string
    {
        return match ($this) {
            self::ByColour => 'colour by colour',
            self::LongestFirst => 'the longest cuts first',
        };
    }
}
