<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

/** A kind of part whose elements may be held by something else than what their ties are made with. */
interface HoldsItself
{
    /** Whether they are, so that its ties need not be made. */
    public function holdsItself(PartContext $on): bool;

    /**
     * How they could be held by their ties.
     *
     * @return array<string, string> what to write, by the blank of the part or of its layout: "part.stem", "ties.stem"
     */
    public function heldByTies(): array;
}
