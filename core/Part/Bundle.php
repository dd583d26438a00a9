<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use Davrin\Core\Material\MaterialUse;
use Davrin\Core\Ties\StemKind;

/** What bundles share: some pieces stacked and tied at the middle, by the stem of their tie or by one of their own. */
abstract class Bundle extends Pieces
{
    public function meshes(): MaterialUse
    {
        return MaterialUse::stack(2, 8, 4);
    }

    public function words(PartContext $on): array
    {
        return ['pieces' => count($on->meshes) * count($on->ties()).' pieces'];
    }

    public function fullness(): ?array
    {
        return [105, 200];
    }

    public function minutes(): float
    {
        return 1.6;
    }

    public function doubts(PartContext $on): array
    {
        return OwnStem::doubts($on);
    }

    protected function stem(PartContext $on): StemKind
    {
        return OwnStem::of($on);
    }

    /** Bundles stand 5 to 7 in deep, the longer the pieces the deeper. */
    protected static function depth(PartContext $on): float
    {
        return min(7.0, max(5.0, 5.0 + ($on->length('length')->toInches() - 6) / 3));
    }
}
