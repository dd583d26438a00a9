<?php

declare(strict_types=1);

namespace Davrin\Core\Demand;

/** One thing that stands on the form: a ruffle at its tie, a poof between two. Its id is its own and outlives a change of ties. */
final readonly class Element
{
    /** @param  non-empty-list<int>  $ties the ties it hangs on, by number: one for a piece, two for a poof */
    public function __construct(
        public string $id,
        public string $layer,
        public int $number,
        public array $ties,
    ) {}
}
