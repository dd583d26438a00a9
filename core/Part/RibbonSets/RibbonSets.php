<?php

declare(strict_types=1);

namespace Davrin\Core\Part\RibbonSets;

use Davrin\Core\Anchor\AnchorKind;
use Davrin\Core\Anchor\Kind\SpreadAlong;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Part\Example;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\Ruffle\Ruffle;
use Davrin\Core\Part\Strips;
use Davrin\Core\Words\Words;

/** Sets of ribbon placed by eye on the finished mesh, on spots that are spread evenly. */
final class RibbonSets extends Strips
{
    public function key(): string
    {
        return 'ribbon-sets';
    }

    public function name(): string
    {
        return 'ribbon sets';
    }

    public function noun(): array
    {
        return ['ribbon set', 'ribbon sets'];
    }

    public function anchor(): AnchorKind
    {
        return new SpreadAlong(7);
    }

    public function sentence(PartContext $on): string
    {
        return self::cuttingSentence($on).self::setsSentence($on)
            .' Lay them {laid}, the top one {topLoop}, and pinch them at {held} as {kind}. Put them by eye on the finished mesh, on '
            .'{spots} spots spread along {pair}, the first {first} from where the count begins: {=count}.';
    }

    public function blanks(): array
    {
        return [
            ...self::stripBlanks(12),
            ...self::layingBlanks(),
        ];
    }

    public function example(): Example
    {
        return Example::onWires(before: [['id' => 'first', 'kind' => Ruffle::KEY, 'material' => 'b', 'length' => '19 in']])
            ->saying(['spots' => 1, 'first' => '30 in', 'topLoop' => '1 3/4 in']);
    }

    protected function made(PartContext $on): Demand
    {
        return $this->atPlaces($on);
    }

    protected function does(PartContext $on, int $elements): string
    {
        return 'Place '.Words::count($elements, ...$this->noun()).' by eye, step back, then tie them on.';
    }

    protected function minutes(): float
    {
        return 0.8;
    }
}
