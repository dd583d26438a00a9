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
     * @param  ?Bound  $bound  what no way of cutting can better; null where that is not known, as pieces do not lie on the grid
     */
    public function __construct(public array $cuts, public array $unmet, public int $money, public int $opened, public ?Bound $bound) {}

    public function isProven(): bool
    {
        return $this->cost() == $this->bound;
    }

    /** Its objective, in the form of a bound. */
    public function cost(): Bound
    {
        return new Bound(array_sum($this->unmet), $this->money, $this->opened);
    }
}
