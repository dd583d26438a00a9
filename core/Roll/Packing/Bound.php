<?php

declare(strict_types=1);

namespace Davrin\Core\Roll\Packing;

/** A bound on the objective, part by part: pieces unmet, then cents for rolls to buy, then full rolls opened. */
final readonly class Bound
{
    public function __construct(public int $unmet, public int $money, public int $opened) {}
}
