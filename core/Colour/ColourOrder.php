<?php

declare(strict_types=1);

namespace Davrin\Core\Colour;

use Davrin\Core\Concern\Concern;
use Davrin\Core\Material\MaterialUse;

/** An order in which materials are dealt out to the ties of a part. Nothing else in the core knows one by name. */
interface ColourOrder
{
    public function key(): string;

    /** Its words in a sentence, after the meshes: "in turn". */
    public function name(): string;

    /** Whether it can be used for a kind of part that uses materials in this way. */
    public function suits(MaterialUse $use): bool;

    /**
     * How many meshes are named for it.
     *
     * @param  int  $ties  that it deals to
     */
    public function materials(MaterialUse $use, int $ties): MaterialUse;

    /** @return array<int, non-empty-list<string>> the meshes of each element, piece by piece, by the number of its tie */
    public function deal(ColourTask $colourTask): array;

    /** @return list<Concern> what the eye will find */
    public function concerns(ColourTask $colourTask): array;
}
