<?php

declare(strict_types=1);

namespace Davrin\Core\Supply;

use Davrin\Core\Measure\Length;

/** Rolls or pieces alike that one mesh can be cut from. */
final readonly class Stock
{
    /**
     * @param  Length  $nominal  of each: what the label says, or what was measured
     * @param  Length  $safe  what can be relied on
     * @param  ?int  $count  how many there are; null for as many as it takes
     * @param  int  $cents  what a new one costs; none for what is there already
     * @param  ?string  $lot  of which run of the mill they are; null where nobody noted it, and then it goes with any
     * @param  ?int  $item  of the shelf
     */
    public function __construct(
        public Origin $origin,
        public Length $nominal,
        public Length $safe,
        public ?int $count,
        public int $cents,
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
        return new self($this->origin, $this->nominal, $this->safe, $count, $this->cents, $this->lot, $this->item);
    }
}
