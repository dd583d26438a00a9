<?php

declare(strict_types=1);

namespace Davrin\Core\Edit;

use Davrin\Core\Words\Refused;

/** What was written in one blank cannot be taken; its address says which. */
final class BlankRefused extends Refused
{
    public function __construct(public readonly string $address, Refused $why)
    {
        parent::__construct($why->getMessage(), 0, $why);
    }
}
