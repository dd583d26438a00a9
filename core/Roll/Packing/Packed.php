<?php

declare(strict_types=1);

namespace Davrin\Core\Roll\Packing;

/** How pieces were laid on rolls, and how good that is proven to be. */
final readonly class Packed
{
    /**
     * @param  list<Pattern>  $cuts  one for each roll that gives something
     * @param  array<int, int>  $unmet  how many of each size
     * @param  int  $money  cents for rolls to buy
     * @param  int  $opened  full rolls
     * @param  int  $leastUnmet  with fewer unmet it cannot be done
     * @param  int  $leastMoney  nor for less
     * @param  int  $leastOpened  nor with fewer full rolls opened
     */
    public function __construct(
        public array $cuts,
        public array $unmet,
        public int $money,
        public int $opened,
        public int $leastUnmet,
        public int $leastMoney,
        public int $leastOpened,
    ) {}

    public function isProven(): bool
    {
        return [array_sum($this->unmet), $this->money, $this->opened] === [$this->leastUnmet, $this->leastMoney, $this->leastOpened];
    }
}
