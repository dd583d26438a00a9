<?php

declare(strict_types=1);

namespace Davrin\Core\Part\RibbonTails;

use Davrin\Core\Colour\SetsByTurn;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Demand\Element;
use Davrin\Core\Part\Example;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\Ruffle\Ruffle;
use Davrin\Core\Part\Strips;
use Davrin\Core\Words\Words;
use WeakMap;

/** Strips of ribbon tied at their middle by the stem of a tie: side by side, stacked or crossed, the same on every tie or by turns. */
final class RibbonTails extends Strips
{
    public const KEY = 'ribbon-tails';

    /** @var WeakMap<PartContext, ?SetsByTurn> */
    private WeakMap $dealt;

    public function __construct()
    {
        parent::__construct();
        $this->dealt = new WeakMap;
    }

    public function key(): string
    {
        return self::KEY;
    }

    public function name(): string
    {
        return 'ribbon tails';
    }

    public function noun(): array
    {
        return ['set of tails', 'sets of tails'];
    }

    public function sentence(PartContext $on): string
    {
        return self::cuttingSentence($on).self::setsSentence($on).($this->byTurns($on) === null ? '' : ' Those are {=turns}.')
            .' Lay them {laid}, the top one {topLoop}, and tie them at {held} as {kind}, a set on {on}: {=count}.';
    }

    public function words(PartContext $on): array
    {
        return [...parent::words($on), 'turns' => $this->byTurns($on)?->words() ?? ''];
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
        return Example::onWires(before: [['id' => 'first', 'kind' => Ruffle::KEY, 'material' => 'b', 'length' => '19 in']]);
    }

    protected function made(PartContext $on): Demand
    {
        [$cuts, $byTurns] = [[], $this->byTurns($on)];
        foreach ($on->ties() as $index => $tie) {
            $element = Element::onTie($on->id, $index + 1, $tie->number);
            array_push($cuts, ...$this->cuts($on, $element, $byTurns->byTie[$tie->number] ?? 0));
        }

        return Demand::ofCuts($cuts);
    }

    protected function does(PartContext $on, int $elements): string
    {
        return 'Tie on '.Words::count($elements, ...$this->noun()).'.';
    }

    protected function minutes(): float
    {
        return 0.8;
    }

    private function byTurns(PartContext $on): ?SetsByTurn
    {
        $sets = self::sets($on);
        if (! isset($this->dealt[$on])) {
            $this->dealt[$on] = $sets > 1 && $on->group !== null && $on->rows !== []
                ? new SetsByTurn($on->rows, $on->group, $on->form, $sets)
                : null;
        }

        return $this->dealt[$on];
    }
}
