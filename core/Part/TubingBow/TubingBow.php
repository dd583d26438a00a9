<?php

declare(strict_types=1);

namespace Davrin\Core\Part\TubingBow;

use Davrin\Core\Material\MaterialUse;
use Davrin\Core\Part\LacedBow\LacedBow;

/** A laced bow of mesh tubing. */
final class TubingBow extends LacedBow
{
    public function key(): string
    {
        return 'tubing-bow';
    }

    public function name(): string
    {
        return 'a tubing bow';
    }

    public function materials(): MaterialUse
    {
        return MaterialUse::strips(self::MOST_TOGETHER, ['tubing', 'cord']);
    }
}
