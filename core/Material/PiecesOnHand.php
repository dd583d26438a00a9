<?php

declare(strict_types=1);

namespace Davrin\Core\Material;

/** Pieces of something counted that are there already. */
final readonly class PiecesOnHand
{
    /** @param  ?int  $item  of the shelf that they were taken from */
    public function __construct(public int $count, public ?int $item = null) {}

    /** "48", "48 (shelf 12)". */
    public function words(): string
    {
        return $this->count.($this->item === null ? '' : " (shelf $this->item)");
    }
}
