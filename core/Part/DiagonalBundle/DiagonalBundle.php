<?php

declare(strict_types=1);

namespace Davrin\Core\Part\DiagonalBundle;

use Davrin\Core\Demand\Demand;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\Bundle;
use Davrin\Core\Part\Curls;
use Davrin\Core\Part\OwnStem;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\Size;

/** Pieces rolled from corner to corner into spikes, crossed so that each shows, and tied at the middle. */
final class DiagonalBundle extends Bundle
{
    public function key(): string
    {
        return 'diagonal-bundle';
    }

    public function name(): string
    {
        return 'a diagonal bundle';
    }

    public function noun(): array
    {
        return ['diagonal bundle', 'diagonal bundles'];
    }

    public function sentence(PartContext $on): string
    {
        return 'Cut {=pieces}, {length} long. Roll each from corner to corner to a spike {curl} across, cross {material} as {kind} '
            .'so that each shows, held by {stem}, one on {on}: {=count}.';
    }

    public function blanks(): array
    {
        return [self::lengthBlank(8), Curls::diameter(Length::inches(1)), OwnStem::blank()];
    }

    public function demand(PartContext $on): Demand
    {
        Curls::mustGoRound($on);

        return parent::demand($on);
    }

    public function size(PartContext $on): Size
    {
        $half = hypot($on->length('length')->toInches(), $on->width()->toInches()) / 2;

        return new Size(
            $half,
            sprintf('half the diagonal of %s x %s', $on->units->exact($on->length('length')), $on->units->exact($on->width())),
            $half * 0.8,
            self::depth($on),
            'as bundles of such pieces stand',
        );
    }
}
