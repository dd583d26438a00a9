<?php

declare(strict_types=1);

namespace Davrin\Core\Technique\Kind;

use Davrin\Core\Demand\Work;
use Davrin\Core\Measure\Length;
use Davrin\Core\Technique\Bundle;
use Davrin\Core\Technique\Curls;
use Davrin\Core\Technique\Footing;
use Davrin\Core\Technique\OwnStem;
use Davrin\Core\Technique\Size;

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

    public function sentence(Footing $on): string
    {
        return 'Cut {=pieces}, {length} long. Roll each from corner to corner to a spike {curl} across, cross {mesh} as {technique} so that each shows, tied by {stem}, one on {on}: {=count}.';
    }

    public function blanks(): array
    {
        return [self::lengthBlank(8), Curls::diameter(Length::inches(1)), OwnStem::blank()];
    }

    public function work(Footing $on): Work
    {
        Curls::mustGoRound($on);

        return parent::work($on);
    }

    public function size(Footing $on): Size
    {
        $half = hypot($on->length('length')->toInches(), $on->width()->toInches()) / 2;

        return new Size($half, sprintf('half the diagonal of %s x %s', $on->units->exact($on->length('length')), $on->units->exact($on->width())), $half * 0.8, self::depth($on), 'as bundles of such pieces stand');
    }
}
