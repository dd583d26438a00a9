<?php

declare(strict_types=1);

namespace Davrin\Core\Demand;

/** When in the order of work a step is done (docs/craft-figures.md); the cases stand in that order. */
enum Phase: string
{
    case Ties = 'ties';
    case Cutting = 'cutting';
    case Making = 'making';
    case Fluffing = 'fluffing';
    case Ribbon = 'ribbon';
    case Sign = 'sign';
    case Bow = 'bow';
    case LayingOut = 'laying-out';
    case Extras = 'extras';
    case Finishing = 'finishing';

    /** As a sum of minutes names it. */
    public function words(): string
    {
        return match ($this) {
            self::Ties => 'ties',
            self::Cutting => 'cuts',
            self::Making => 'making and attaching',
            self::Fluffing => 'fluffing',
            self::Ribbon => 'ribbon',
            self::Sign => 'sign',
            self::Bow => 'bows',
            self::LayingOut => 'laying out',
            self::Extras => 'extras',
            self::Finishing => 'hanger and back',
        };
    }
}
