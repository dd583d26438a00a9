<?php

declare(strict_types=1);

namespace Davrin\Core\Part\RibbonInBundles;

use Davrin\Core\Anchor\AnchorKind;
use Davrin\Core\Anchor\Kind\OnPart;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Demand\Phase;
use Davrin\Core\Part\Example;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\RolledBundle\RolledBundle;
use Davrin\Core\Part\Strips;
use Davrin\Core\Words\Words;

/** Strips of ribbon tied into bundles as they are made: in every one, in every second or third, in so many of them. */
final class RibbonInBundles extends Strips
{
    public function key(): string
    {
        return 'ribbon-in-bundles';
    }

    public function name(): string
    {
        return 'ribbon in the bundles';
    }

    public function noun(): array
    {
        return ['set of ribbon', 'sets of ribbon'];
    }

    public function anchor(): AnchorKind
    {
        return new OnPart;
    }

    public function sentence(PartContext $on): string
    {
        return self::cuttingSentence($on).self::setsSentence($on)
            .' Put them {where} as {kind}, into one in {every} of the {onPart}, of these {many}: {=count}.';
    }

    public function blanks(): array
    {
        return [
            ...self::stripBlanks(12),
            self::setsBlank(),
            new ChoiceBlank('where', 'where they go', 'top', ['top' => 'on top', 'inside' => 'inside']),
        ];
    }

    public function example(): Example
    {
        return Example::onWires(before: [['id' => 'first', 'kind' => (new RolledBundle)->key(), 'material' => 'b']]);
    }

    protected function phase(): Phase
    {
        return Phase::Making;
    }

    protected function made(PartContext $on): Demand
    {
        return $this->atPlaces($on);
    }

    protected function does(PartContext $on, int $elements): string
    {
        return 'Tie ribbon into '.Words::count($elements, 'of them', 'of them').' before they are closed.';
    }

    protected function minutes(): float
    {
        return 0.4;
    }
}
