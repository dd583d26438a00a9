<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use Davrin\Core\Material\MaterialUse;
use Davrin\Core\Ties\Fastening;

/** What bundles share: some pieces stacked and tied at the middle, by the stem of their tie or by one of their own. */
abstract class Bundle extends Pieces
{
    public function materials(): MaterialUse
    {
        return MaterialUse::stack(1, 8, 4);
    }

    public function words(PartContext $on): array
    {
        return ['pieces' => count($on->materials) * count($on->ties()).' pieces'];
    }

    public function fullness(): ?array
    {
        return [105, 200];
    }

    protected function minutes(): float
    {
        return 1.6;
    }

    public function concerns(PartContext $on): array
    {
        return OwnStem::concerns($on);
    }

    protected function stem(PartContext $on): Fastening
    {
        return OwnStem::of($on);
    }

    /** Bundles stand 5 to 7 in deep, the longer the pieces the deeper. */
    protected static function depth(PartContext $on): float
    {
        return min(7.0, max(5.0, 5.0 + ($on->length('length')->toInches() - 6) / 3));
    }
}
