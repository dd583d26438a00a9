<?php

declare(strict_types=1);

namespace Davrin\Core\Technique;

/** How large one element gets, in inches; an estimate, with how it comes about. */
final readonly class Size
{
    /**
     * @param  float  $reach  how far it stands out from its row across the form
     * @param  string  $reachBecause  "half the width of the mesh"
     * @param  float  $span  how far it stretches along its row to each side of its middle, for drawings
     * @param  float  $depth  how far it stands up from the table
     * @param  float  $hangs  how far it hangs below its tie
     */
    public function __construct(
        public float $reach,
        public string $reachBecause,
        public float $span,
        public float $depth,
        public string $depthBecause,
        public float $hangs = 0.0,
    ) {}
}
