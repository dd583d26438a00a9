<?php

declare(strict_types=1);

namespace Davrin\Core\Part\Starburst;

use Davrin\Core\Part\Bundle;
use Davrin\Core\Part\OwnStem;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\Size;

/** Pieces each gathered at its middle like a small bow tie, turned against each other, and tied together. */
final class Starburst extends Bundle
{
    /** How far it reaches, as a part of the diagonal of a piece (a guess). */
    private const FANS = 0.48;

    public function key(): string
    {
        return 'starburst';
    }

    public function name(): string
    {
        return 'a starburst bundle';
    }

    public function noun(): array
    {
        return ['starburst', 'starbursts'];
    }

    public function sentence(PartContext $on): string
    {
        return 'Cut {=pieces}, {length} long. Gather each at its middle like a small bow tie, turn {material} against each other as '
            .'{kind}, held by {stem}, one on {on}: {=count}.';
    }

    public function blanks(): array
    {
        return [self::lengthBlank(8), OwnStem::blank()];
    }

    public function size(PartContext $on): Size
    {
        $reach = self::FANS * hypot($on->length('length')->toInches(), $on->width()->toInches());

        return new Size(
            $reach,
            sprintf(
                '%s of the diagonal of %s x %s, as its corners fan out',
                self::FANS,
                $on->units->exact($on->length('length')),
                $on->units->exact($on->width()),
            ),
            $reach,
            self::depth($on),
            'as bundles of such pieces stand',
        );
    }
}
