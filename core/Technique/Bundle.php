<?php

declare(strict_types=1);

namespace Davrin\Core\Technique;

use Davrin\Core\Material\MeshUse;
use Davrin\Core\Ties\StemKind;

/** What bundles share: some pieces stacked and tied at the middle, by the stem of their tie or by one of their own. */
abstract class Bundle extends Pieces
{
    public function meshes(): MeshUse
    {
        return MeshUse::stack(2, 8, 4);
    }

    public function words(Footing $on): array
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

    public function doubts(Footing $on): array
    {
        return OwnStem::doubts($on);
    }

    protected function stem(Footing $on): StemKind
    {
        return OwnStem::of($on);
    }

    /** Bundles stand 5 to 7 in deep, the longer the pieces the deeper. */
    protected static function depth(Footing $on): float
    {
        return min(7.0, max(5.0, 5.0 + ($on->length('length')->toInches() - 6) / 3));
    }
}
