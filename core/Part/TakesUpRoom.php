<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use Davrin\Core\Geometry\Board;

/** A kind of part that takes up room on the front of the finished mesh: nothing else should stand there. */
interface TakesUpRoom
{
    /** @return list<Board> what each of its elements takes up, seen from the front (an estimate) */
    public function room(PartContext $on): array;
}
