<?php

declare(strict_types=1);

namespace Davrin\Core\Guide;

/** What the pages of the guide are about, in the order of work. */
enum Chapter: string
{
    case Ties = 'ties';
    case Mesh = 'mesh';
    case Ribbon = 'ribbon';
    case Bows = 'bows';
    case Cutting = 'cutting';
    case Centre = 'centre';
    case Finishing = 'finishing';
    case Tools = 'tools';

    public function words(): string
    {
        return match ($this) {
            self::Ties => 'Where the ties go',
            self::Mesh => 'Mesh',
            self::Ribbon => 'Ribbon',
            self::Bows => 'Bows',
            self::Cutting => 'Ways of cutting',
            self::Centre => 'Sign, flowers and all else',
            self::Finishing => 'Finishing',
            self::Tools => 'Tools and small things',
        };
    }

    /** Where the words of its pages are that belong to no kind of part. */
    public function folder(): string
    {
        return __DIR__."/$this->value";
    }
}
