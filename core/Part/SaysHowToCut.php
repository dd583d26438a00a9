<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

/** A kind of part that is cut in a way of its own, which the cut sheet tells beside how its material is cut. */
interface SaysHowToCut
{
    /** "Ribbon sets: fan-folded, 10 folds in 4 stacks of up to 6 layers."; null where nothing is to be said. */
    public function howToCut(PartContext $on): ?string;
}
