<?php

declare(strict_types=1);

namespace Davrin\Core\Part\GatheredDrape;

use Davrin\Core\Part\OwnStem;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\Pieces;
use Davrin\Core\Part\Size;
use Davrin\Core\Ties\Fastening;

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

    public function sentence(PartContext $on): string
    {
        return 'Cut {=count} of {material}, {length} long. Gather each at its middle as {kind} on {on}, held by {stem}, and let the '
            .'ends hang.';
    }

    public function blanks(): array
    {
        return [self::lengthBlank(24), OwnStem::blank()];
    }

    public function size(PartContext $on): Size
    {
        return new Size(
            1.0,
            'the gathers at the tie',
            min(5.4, $on->width()->toInches() * 0.54),
            3.0,
            'as hanging ends lie',
            hangs: $on->length('length')->toInches() / 2,
        );
    }

    public function fullness(): ?array
    {
        return null;
    }

    protected function minutes(): float
    {
        return 2.0;
    }

    public function concerns(PartContext $on): array
    {
        return OwnStem::concerns($on);
    }

    protected function stem(PartContext $on): Fastening
    {
        return OwnStem::of($on);
    }
}
