<?php

declare(strict_types=1);

namespace Davrin\Core\Part\RolledBundle;

use Davrin\Core\Demand\Demand;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\Bundle;
use Davrin\Core\Part\Curls;
use Davrin\Core\Part\OwnStem;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\Size;

/** Pieces rolled along their natural curl to tubes as long as the mesh is wide, stacked and tied at the middle. */
final class RolledBundle extends Bundle
{
    public function key(): string
    {
        return 'rolled-bundle';
    }

    public function name(): string
    {
        return 'a rolled bundle';
    }

    public function noun(): array
    {
        return ['rolled bundle', 'rolled bundles'];
    }

    public function words(PartContext $on): array
    {
        return [...parent::words($on), 'turns' => Curls::turns($on->length('length'), $on->length('curl')).' turns'];
    }

    public function sentence(PartContext $on): string
    {
        return 'Cut {=pieces}, {length} long. Roll each along its curl to a tube {curl} across ({=turns}), stack {material} as '
            .'{kind}, held by {stem}, one on {on}: {=count}.';
    }

    public function blanks(): array
    {
        return [self::lengthBlank(9), Curls::diameter(Length::inches(1)), OwnStem::blank()];
    }

    public function demand(PartContext $on): Demand
    {
        Curls::mustGoRound($on);

        return parent::demand($on);
    }

    public function size(PartContext $on): Size
    {
        $width = $on->width()->toInches();

        return new Size(
            $width / 2,
            sprintf('half a tube as long as the mesh is wide, %s', $on->units->exact($on->width())),
            $width * 0.38,
            self::depth($on),
            'as bundles of such pieces stand',
        );
    }
}
