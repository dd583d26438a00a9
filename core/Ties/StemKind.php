<?php

declare(strict_types=1);

namespace Davrin\Core\Ties;

/** How much of a 12 in chenille stem one tie takes. */
enum StemKind: string
{
    case Whole = 'whole';
    case Half = 'half';
    case Third = 'third';
    case None = 'none';

    /** How many ties one stem gives; 0 where no stem is used. */
    public function tiesPerStem(): int
    {
        return match ($this) {
            self::Whole => 1,
            self::Half => 2,
            self::Third => 3,
            self::None => 0,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Whole => 'a whole stem',
            self::Half => 'half a stem',
            self::Third => 'a third of a stem',
            self::None => 'no stem of its own',
        };
    }
}
