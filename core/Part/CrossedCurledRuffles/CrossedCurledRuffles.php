<?php

declare(strict_types=1);

namespace Davrin\Core\Part\CrossedCurledRuffles;

use Davrin\Core\Material\MaterialUse;
use Davrin\Core\Part\CurledRuffle\CurledRuffle;
use Davrin\Core\Part\Curls;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\Size;

/** Two curled ruffles on every tie, laid as an X; each may be of another mesh. */
final class CrossedCurledRuffles extends CurledRuffle
{
    private const STANDS_OUT = 0.75;

    /** How far each is turned off the row, in degrees, and what of its width it shows there (guesses). */
    public const TURNED = 38;

    public const SHOWS = 0.56;

    public function key(): string
    {
        return 'crossed-curled-ruffles';
    }

    public function name(): string
    {
        return 'a pair of crossed curled ruffles';
    }

    public function noun(): array
    {
        return ['crossed pair', 'crossed pairs'];
    }

    public function materials(): MaterialUse
    {
        return MaterialUse::pair();
    }

    public function words(PartContext $on): array
    {
        return ['pieces' => 2 * count($on->ties()).' pieces'];
    }

    public function sentence(PartContext $on): string
    {
        return 'Cut {=pieces}, {length} long, two for each tie: {material}. Roll each end {turns} turns to a curl {curl} across, '
            .'clip it, and gather two as {kind}, one on {on}: {=count}.';
    }

    public function blanks(): array
    {
        return [self::lengthBlank(11), ...Curls::atBothEnds()];
    }

    /** Crossed, the wings hold each other up, and more of them stands out than of one alone (a guess). */
    public function size(PartContext $on): Size
    {
        $one = parent::size($on);
        $wing = $on->length('length')->toInches() / 2 - Curls::takes($on);

        $along = cos(deg2rad(self::TURNED)) * (
            $wing * self::STANDS_OUT
            + $on->length('curl')->toInches()
        ) + sin(deg2rad(self::TURNED)) * self::SHOWS * $one->reach;

        return new Size($one->reach, $one->reachBecause, $along, $one->depth, $one->depthBecause);
    }

    protected function minutes(): float
    {
        return 3.0;
    }
}
