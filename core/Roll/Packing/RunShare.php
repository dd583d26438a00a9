<?php

declare(strict_types=1);

namespace Davrin\Core\Roll\Packing;

/**
 * What a run asks of the rolls of one mesh, for the bound alone: its steps by length, and what each roll that gives any of them pays in
 * tails.
 */
final readonly class RunShare
{
    /** @param  array<int, int>  $steps  how many of each length in units */
    public function __construct(public int $tails, public array $steps) {}
}
