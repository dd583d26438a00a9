<?php

declare(strict_types=1);

namespace Davrin\Core\Demand;

use Davrin\Core\Geometry\Place;

/**
 * One thing that stands on the form: a ruffle at its tie, a poof between two. Its id is made of its part and of where it stands,
 * so that it stays the same whatever else is changed: a length, a colour, other ties, another part.
 */
final readonly class Element
{
    /**
     * @param  string  $part  by id
     * @param  int  $number  from 1, in the order of the build
     * @param  list<int>  $ties  the ties it hangs on, by number: one for a piece, two for a poof, none for what stands elsewhere
     * @param  int  $pass  0, or 1 where it lies between the rows, on ties that its part has used before
     * @param  ?Place  $place  where it stands, if that is no tie
     */
    public function __construct(
        public string $id,
        public string $part,
        public int $number,
        public array $ties,
        public int $pass = 0,
        public ?Place $place = null,
    ) {}

    /** At a tie. */
    public static function onTie(string $part, int $number, int $tie): self
    {
        return new self("$part.$tie", $part, $number, [$tie]);
    }

    /** On no tie: at a place of the form, or nowhere that could be drawn. */
    public static function elsewhere(string $part, int $number, ?Place $place = null): self
    {
        return new self("$part.$number", $part, $number, [], place: $place);
    }

    /** The same as an element of another part: of one copy of several that are cut together. */
    public function ofPart(string $prefix): self
    {
        return new self("$prefix/$this->id", "$prefix/$this->part", $this->number, $this->ties, $this->pass, $this->place);
    }
}
