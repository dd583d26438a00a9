<?php

declare(strict_types=1);

namespace Davrin\Core\Ties;

/** What one tie takes: so much of a 12 in chenille stem, a zip tie, or nothing that has to be bought. */
enum StemKind: string
{
    case Whole = 'whole';
    case Half = 'half';
    case Third = 'third';
    case ZipTie = 'zip-tie';
    case Attached = 'attached';
    case None = 'none';

    /** How many ties one stem gives; 0 where no stem is used. */
    public function tiesPerStem(): int
    {
        return match ($this) {
            self::Whole => 1,
            self::Half => 2,
            self::Third => 3,
            default => 0,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Whole => 'a whole stem',
            self::Half => 'half a stem',
            self::Third => 'a third of a stem',
            self::ZipTie => 'a zip tie',
            self::Attached => 'the stem that is on it',
            self::None => 'no stem of its own',
        };
    }
}
