<?php

declare(strict_types=1);

namespace Davrin\Core\Material;

use Davrin\Core\Measure\Length;

/** Mesh that is there already: so many rolls, part rolls or pieces of a length. */
final readonly class OnHand
{
    /**
     * @param  bool  $byLabel  whether nobody measured it, so that it may come short
     * @param  ?string  $lot  of which run of the mill it is, where somebody noted it
     * @param  ?int  $item  of the shelf that it was taken from
     */
    public function __construct(
        public int $count,
        public Length $length,
        public bool $byLabel = false,
        public ?string $lot = null,
        public ?int $item = null,
    ) {}
}
