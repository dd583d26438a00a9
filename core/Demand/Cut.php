<?php

declare(strict_types=1);

namespace Davrin\Core\Demand;

use Davrin\Core\Measure\Length;

/** One piece to be cut for an element, and of which mesh. */
final readonly class Cut
{
    /** @param  string  $mesh  its id */
    public function __construct(public Element $element, public string $mesh, public Length $length) {}
}
