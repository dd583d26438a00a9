<?php

declare(strict_types=1);

namespace Davrin\Core\Roll\Packing;

/** One way to cut a roll of a kind, and how many rolls are cut that way; not a whole number in a relaxation. */
final readonly class Pattern
{
    /**
     * @param  array<int, int>  $pieces  how many of each size, by its index
     * @param  ?int  $number  which of the rolls alike it is, from 0, where that is settled
     */
    public function __construct(public int $kind, public array $pieces, public float $times = 1.0, public ?int $number = null) {}
}
