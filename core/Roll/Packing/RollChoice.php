<?php

declare(strict_types=1);

namespace Davrin\Core\Roll\Packing;

/** Which rolls are cut from: all that are open, and so many of each kind that is opened for it. */
final readonly class RollChoice
{
    /**
     * @param  int  $money  cents for rolls to buy
     * @param  int  $opened  full rolls
     * @param  array<int, int>  $rolls  how many of each kind
     */
    public function __construct(public int $money, public int $opened, public array $rolls) {}

    /** @return array{int, int} what choices are compared by, one after the other */
    public function cost(): array
    {
        return [$this->money, $this->opened];
    }
}
