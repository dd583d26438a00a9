<?php

declare(strict_types=1);

namespace Davrin\Core\Part\CurledRuffle;

use Davrin\Core\Demand\Demand;
use Davrin\Core\Part\Curls;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\Pieces;
use Davrin\Core\Part\Size;

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

    public function sentence(PartContext $on): string
    {
        return 'Cut {=count} of {material}, {length} long. Roll each end {turns} turns to a curl {curl} across, clip it, gather the '
            .'middle as {kind}, one on {on}.';
    }

    public function blanks(): array
    {
        return [self::lengthBlank(20), ...Curls::atBothEnds()];
    }

    public function demand(PartContext $on): Demand
    {
        Curls::mustFit($on);

        return parent::demand($on);
    }

    /** What the curls leave of a wing, and the curl at its end. */
    public function size(PartContext $on): Size
    {
        return self::wings(
            $on,
            $on->length('length')->toInches() / 2 - Curls::takes($on) + $on->length('curl')->toInches() / self::LIES_FLAT,
        );
    }

    protected function minutes(): float
    {
        return 1.5;
    }
}
