<?php

declare(strict_types=1);

namespace Davrin\Core\Demand;

use Davrin\Core\Measure\Length;

/** One piece to be cut for an element, and of which material. */
final readonly class Cut
{
    /** @param  string  $material  its id */
    public function __construct(public Element $element, public string $material, public Length $length) {}
}
