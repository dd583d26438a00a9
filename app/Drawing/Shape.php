<?php

namespace App\Drawing;

/** How an element looks, patch over patch: its first tie in the middle, outward up. */
final readonly class Shape
{
    /** @param  non-empty-list<Patch>  $patches  from the lowest to the uppermost */
    public function __construct(public array $patches) {}
}
