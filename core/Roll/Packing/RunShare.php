<?php

declare(strict_types=1);

namespace Davrin\Core\Roll\Packing;

/**
 * A run's demand for one mesh, for the lower bound only: its steps by length, and the tails that each roll pays if it gives any
 * of them.
 */
final readonly class RunShare
{
    /** @param  array<int, int>  $steps  how many of each length in units */
    public function __construct(public int $tails, public array $steps) {}
}
