<?php

declare(strict_types=1);

namespace Davrin\Core\Roll\Packing;

/** A choice of rolls to cut from: all open ones, and a number of each kind to open. */
final readonly class RollChoice
{
    /**
     * @param  int  $money  cents for rolls to buy
     * @param  int  $opened  full rolls
     * @param  array<int, int>  $rolls  how many of each kind
     */
    public function __construct(public int $money, public int $opened, public array $rolls) {}

    /** @return array{int, int} compared in this order: money, then full rolls opened */
    public function cost(): array
    {
        return [$this->money, $this->opened];
    }
}
