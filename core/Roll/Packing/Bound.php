<?php

declare(strict_types=1);

namespace Davrin\Core\Roll\Packing;

/** The fewest pieces unmet, then the least cents for rolls to buy, then the fewest full rolls opened. */
final readonly class Bound
{
    public function __construct(public int $unmet, public int $money, public int $opened) {}
}
