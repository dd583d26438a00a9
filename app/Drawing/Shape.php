<?php

namespace App\Drawing;

/** How an element looks, patch over patch: its first tie in the middle, outward up. */
final readonly class Shape
{
    /**
     * @param  list<Patch>  $patches  from the lowest to the uppermost; none for what is not seen
     * @param  list<Lettering>  $lettering  on the uppermost
     * @param  ?array{float, float}  $photo  how wide and high a photograph is that fills it, in inches; null where it bears none
     */
    public function __construct(public array $patches, public array $lettering = [], public ?array $photo = null) {}
}
