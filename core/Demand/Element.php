<?php

declare(strict_types=1);

namespace Davrin\Core\Demand;

/** One thing that stands on the form: a ruffle at its tie, a poof between two. Its id is its own and outlives a change of ties. */
final readonly class Element
{
    /**
     * @param  list<int>  $ties  the ties it hangs on, by number: one for a piece, two for a poof, none for what is wound over a part of the form
     * @param  int  $pass  0, or 1 where it lies between the rows, on ties that its layer has used before
     */
    public function __construct(
        public string $id,
        public string $layer,
        public int $number,
        public array $ties,
        public int $pass = 0,
    ) {}

    public static function of(string $layer, int $number, int ...$ties): self
    {
        return new self("$layer.$number", $layer, $number, array_values($ties));
    }
}
