<?php

declare(strict_types=1);

namespace Davrin\Core\Anchor\Kind;

use Davrin\Core\Anchor\Anchor;
use Davrin\Core\Anchor\AnchorKind;
use Davrin\Core\Anchor\Surroundings;
use Davrin\Core\Blank\Slip;

/** On nothing that could be pointed at: a coat of paint, the packing. */
final readonly class Nowhere implements AnchorKind
{
    public function blanks(Surroundings $there, array $written, bool $carry): array
    {
        return [];
    }

    public function anchor(Slip $slip, Surroundings $there): Anchor
    {
        return Anchor::nowhere();
    }
}
