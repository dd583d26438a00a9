<?php

declare(strict_types=1);

namespace Davrin\Core\Anchor;

use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Words\Fault;

/** A way for a part to stand somewhere: on ties, on a spot of the form, on another part. A part kind says which is its own. */
interface AnchorKind
{
    /**
     * What is written of it. Which blanks there are, and what they offer, may depend on what was written.
     *
     * @param  array<array-key, mixed>  $written  of the part
     * @param  bool  $carry  whether what no longer fits takes its default instead of being refused
     * @return list<Blank<covariant mixed>>
     *
     * @throws Fault with a pointer below the part, where the plan has no place of this kind
     */
    public function blanks(Surroundings $there, array $written, bool $carry): array;

    /** @throws Fault with a pointer below the part */
    public function anchor(Slip $slip, Surroundings $there): Anchor;
}
