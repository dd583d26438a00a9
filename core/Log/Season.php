<?php

declare(strict_types=1);

namespace Davrin\Core\Log;

/** The season a piece is for. */
enum Season: string
{
    case Spring = 'spring';
    case Summer = 'summer';
    case Autumn = 'autumn';
    case Winter = 'winter';

    /** Of the day it was made, on the northern half of the world; a maker may say otherwise. */
    public static function of(string $day): self
    {
        return match (intdiv((int) substr($day, 5, 2) % 12, 3)) {
            0 => self::Winter,
            1 => self::Spring,
            2 => self::Summer,
            default => self::Autumn,
        };
    }
}
