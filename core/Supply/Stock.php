<?php

declare(strict_types=1);

namespace Davrin\Core\Supply;

use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Money;

/** Rolls or pieces alike that one mesh can be cut from. */
final readonly class Stock
{
    /**
     * @param  Length  $nominal  of each: what the label says, or what was measured
     * @param  Length  $safe  what can be relied on
     * @param  ?int  $count  how many there are; null for as many as it takes
     * @param  Money  $price  of a new one; nothing for what is there already
     * @param  ?string  $lot  of which run of the mill they are; null where nobody noted it, and then it goes with any
     * @param  ?int  $item  of the shelf
     */
    public function __construct(
        public Origin $origin,
        public Length $nominal,
        public Length $safe,
        public ?int $count,
        public Money $price,
        public ?string $lot = null,
        public ?int $item = null,
    ) {}

    /** Whether one of these is like one of those. */
    public function isLike(self $other): bool
    {
        return $this->withCount(null) == $other->withCount(null);
    }

    public function withCount(?int $count): self
    {
        return new self($this->origin, $this->nominal, $this->safe, $count, $this->price, $this->lot, $this->item);
    }
}
