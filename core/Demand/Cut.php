<?php

declare(strict_types=1);

namespace Davrin\Core\Demand;

use Davrin\Core\Measure\Length;

/** One piece to be cut for one element. */
final readonly class Cut
{
    public function __construct(public Element $element, public Length $length) {}
}
