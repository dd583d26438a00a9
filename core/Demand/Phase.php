<?php

declare(strict_types=1);

namespace Davrin\Core\Demand;

/** When in the order of work a step is done. */
enum Phase: string
{
    case Ties = 'ties';
    case Cutting = 'cutting';
    case Making = 'making';
    case Finishing = 'finishing';

    /** As a sum of minutes names it. */
    public function words(): string
    {
        return match ($this) {
            self::Ties => 'ties',
            self::Cutting => 'cuts',
            self::Making => 'making and attaching',
            self::Finishing => 'fluffing, hanger and back',
        };
    }
}
