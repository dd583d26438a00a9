<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use Davrin\Core\Geometry\Board;

/** A kind of part that lies flat over the mesh, as a sign does: ties behind it are not seen, and nothing may lie over its words. */
interface HidesWhatIsBehind
{
    /** Where it lies, seen from the front. */
    public function board(PartContext $on): Board;

    /** Where its words are, which nothing may hide (an estimate). */
    public function written(PartContext $on): Board;

    /** Whether it lies on the mesh, or hangs free. */
    public function liesOnTheMesh(PartContext $on): bool;

    /**
     * What to write so that a cushion lies under it.
     *
     * @return array<string, string> by blank; none where one does, or none can
     */
    public function onACushion(PartContext $on): array;
}
