<?php

declare(strict_types=1);

namespace Davrin\Core\Roll;

use Davrin\Core\Roll\Packing\Bound;

/** A lower bound on any plan, part by part: elements unmet, then cents for new rolls, then full rolls opened. */
final readonly class Proof
{
    public function __construct(public int $unmet, public int $cents, public int $opened) {}

    public static function of(Bound $bound): self
    {
        return new self($bound->unmet, $bound->money, $bound->opened);
    }

    /** The weaker of two bounds, which holds whichever plan is taken. */
    public function or(self $other): self
    {
        $parts = fn (self $proof): array => [$proof->unmet, $proof->cents, $proof->opened];

        return ($parts($this) <=> $parts($other)) <= 0 ? $this : $other;
    }
}
