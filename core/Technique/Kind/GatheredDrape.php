<?php

declare(strict_types=1);

namespace Davrin\Core\Technique\Kind;

use Davrin\Core\Technique\Footing;
use Davrin\Core\Technique\OwnStem;
use Davrin\Core\Technique\Pieces;
use Davrin\Core\Technique\Size;
use Davrin\Core\Ties\StemKind;

/** One piece gathered at its middle, both ends hanging down. */
final class GatheredDrape extends Pieces
{
    public function key(): string
    {
        return 'gathered-drape';
    }

    public function name(): string
    {
        return 'a gathered drape';
    }

    public function noun(): array
    {
        return ['drape', 'drapes'];
    }

    public function sentence(Footing $on): string
    {
        return 'Cut {=count} of {mesh}, {length} long. Gather each at its middle as {technique} on {on}, tied by {stem}, and let the ends hang.';
    }

    public function blanks(): array
    {
        return [self::lengthBlank(24), OwnStem::blank()];
    }

    public function size(Footing $on): Size
    {
        return new Size(1.0, 'the gathers at the tie', min(5.4, $on->width()->toInches() * 0.54), 3.0, 'as hanging ends lie', hangs: $on->length('length')->toInches() / 2);
    }

    public function fullness(): ?array
    {
        return null;
    }

    public function minutes(): float
    {
        return 2.0;
    }

    public function doubts(Footing $on): array
    {
        return OwnStem::doubts($on);
    }

    protected function stem(Footing $on): StemKind
    {
        return OwnStem::of($on);
    }
}
