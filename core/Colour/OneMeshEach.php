<?php

declare(strict_types=1);

namespace Davrin\Core\Colour;

use Davrin\Core\Material\MaterialUse;

/** What dealings share that make each element of one mesh, which one depending on its tie. */
abstract class OneMeshEach implements Dealing
{
    public function suits(MaterialUse $use): bool
    {
        return $use->dealt && ! $use->counted;
    }

    public function materials(MaterialUse $use, int $ties): MaterialUse
    {
        return MaterialUse::several();
    }

    public function deal(Deal $deal): array
    {
        return $deal->each($this->dealt($deal));
    }

    public function concerns(Deal $deal): array
    {
        return Meetings::ofPaint($deal, $this->dealt($deal));
    }

    /** @return array<int, string> before anything is painted, by the number of the tie */
    abstract protected function dealt(Deal $deal): array;
}
