<?php

declare(strict_types=1);

namespace Davrin\Core\Shelf;

/** One change of what is left of one thing. */
final readonly class Movement
{
    /** @param  int  $by  units of length, or pieces; less is negative */
    public function __construct(public int $id, public MovementKind $kind, public int $by, public bool $isUndone = false) {}
}
