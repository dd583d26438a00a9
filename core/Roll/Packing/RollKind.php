<?php

declare(strict_types=1);

namespace Davrin\Core\Roll\Packing;

use Davrin\Core\Supply\Stock;
use Davrin\Core\Supply\Supply;

/** Rolls alike that pieces may be cut from: what is open already and free, full ones that would have to be opened, and those to buy. */
final readonly class RollKind
{
    /**
     * @param  int  $length  of each, in units of length
     * @param  ?int  $count  how many there are; null for as many as it takes
     * @param  int  $price  in cents; 0 for what is there already
     * @param  bool  $opens  whether a full roll is opened for it
     * @param  int  $heldBack  how much more each is said to hold, where it is counted as short as it may come; that is left on it
     */
    public function __construct(
        public int $length,
        public ?int $count,
        public int $price = 0,
        public bool $opens = false,
        public int $heldBack = 0,
    ) {}

    /**
     * Some rolls of a supply.
     *
     * @param  ?int  $count  how many of them
     */
    public static function of(Supply $supply, Stock $stock, ?int $count): self
    {
        return new self(
            $supply->length($stock)->units,
            $count,
            $stock->cents,
            $stock->origin->opens(),
            $supply->heldBack($stock)->units,
        );
    }

    /** What is left on one that gives so much. */
    public function left(int $used): int
    {
        return $this->length + $this->heldBack - $used;
    }

    /** Whether it costs nothing to cut from it: a part roll, a loose piece, a roll that is open anyway. */
    public function isOpen(): bool
    {
        return $this->price === 0 && ! $this->opens;
    }
}
