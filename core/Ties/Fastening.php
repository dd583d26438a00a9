<?php

declare(strict_types=1);

namespace Davrin\Core\Ties;

use Davrin\Core\Material\Kind\Stems;
use Davrin\Core\Material\Kind\ZipTies;

/** What one tie is made with: so much of a 12 in chenille stem, a zip tie, or nothing that has to be bought. */
enum Fastening: string
{
    case Whole = 'whole';
    case Half = 'half';
    case Third = 'third';
    case ZipTie = 'zip-tie';
    case Attached = 'attached';
    case None = 'none';

    /** The kind of material that it takes, by its key; null for nothing. */
    public function good(): ?string
    {
        return match ($this) {
            self::Whole, self::Half, self::Third => Stems::KEY,
            self::ZipTie => ZipTies::KEY,
            self::Attached, self::None => null,
        };
    }

    /** How many ties one piece of that gives; 0 where nothing is taken. */
    public function tiesAPiece(): int
    {
        return match ($this) {
            self::Whole, self::ZipTie => 1,
            self::Half => 2,
            self::Third => 3,
            self::Attached, self::None => 0,
        };
    }

    /** Whether somebody has to make the tie: one that came on the form is there already, and where nothing is tied there is none. */
    public function isMade(): bool
    {
        return $this->good() !== null;
    }

    /** After so many ties: ", each a whole stem"; " with zip ties". */
    public function each(): string
    {
        return match ($this) {
            self::ZipTie => ' with zip ties',
            self::Attached => ' on the stems that are there',
            self::None => ', no stems',
            default => ", each {$this->words()}",
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
