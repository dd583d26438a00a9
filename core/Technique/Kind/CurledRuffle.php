<?php

declare(strict_types=1);

namespace Davrin\Core\Technique\Kind;

use Davrin\Core\Demand\Work;
use Davrin\Core\Technique\Curls;
use Davrin\Core\Technique\Footing;
use Davrin\Core\Technique\Pieces;
use Davrin\Core\Technique\Size;

/** A ruffle with both ends rolled two or three turns and clipped before the middle is gathered. */
class CurledRuffle extends Pieces
{
    public function key(): string
    {
        return 'curled-ruffle';
    }

    public function name(): string
    {
        return 'a curled ruffle';
    }

    public function noun(): array
    {
        return ['curled ruffle', 'curled ruffles'];
    }

    public function sentence(Footing $on): string
    {
        return 'Cut {=count} of {mesh}, {length} long. Roll each end {turns} turns to a curl {curl} across, clip it, gather the middle as {technique}, one on {on}.';
    }

    public function blanks(): array
    {
        return [self::lengthBlank(20), ...Curls::atBothEnds()];
    }

    public function work(Footing $on): Work
    {
        Curls::mustFit($on);

        return parent::work($on);
    }

    /** What the curls leave of a wing, and the curl at its end. */
    public function size(Footing $on): Size
    {
        return self::wings($on, $on->length('length')->toInches() / 2 - Curls::takes($on) + $on->length('curl')->toInches() / self::LIES_FLAT);
    }

    public function minutes(): float
    {
        return 1.5;
    }
}
