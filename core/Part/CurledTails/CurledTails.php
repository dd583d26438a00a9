<?php

declare(strict_types=1);

namespace Davrin\Core\Part\CurledTails;

use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Demand\Element;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\Curls;
use Davrin\Core\Part\Example;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\Ruffle\Ruffle;
use Davrin\Core\Part\Strips;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Words;

/** Tails wound round a spool so that they stay curled: a strip makes L / (pi x d) turns, and hangs to 0.6 of its length (a guess). */
final class CurledTails extends Strips
{
    private const SPOOL = 'spool';

    private const HANGS = 0.6;

    public function key(): string
    {
        return 'curled-tails';
    }

    public function name(): string
    {
        return 'curled tails';
    }

    public function noun(): array
    {
        return ['set of curled tails', 'sets of curled tails'];
    }

    public function sentence(PartContext $on): string
    {
        return self::cuttingSentence($on).' Wind each round a spool {spool} across ({=turns} turns) so that it stays curled, and tie them '
            .'at their middle as {kind}, a set on {on}: {=count}.';
    }

    public function words(PartContext $on): array
    {
        return [...parent::words($on), 'turns' => Curls::turns($this->longest($on), $on->length(self::SPOOL))];
    }

    public function blanks(): array
    {
        return [
            ...self::stripBlanks(16),
            LengthBlank::of(self::SPOOL, 'the width of the spool', Length::inches(1), Length::inches(0, 1, 8), Length::inches(6)),
        ];
    }

    public function example(): Example
    {
        return Example::onWires(before: [['id' => 'first', 'kind' => Ruffle::KEY, 'material' => 'b', 'length' => '19 in']]);
    }

    protected function trails(PartContext $on): float
    {
        return parent::trails($on) * self::HANGS;
    }

    protected function made(PartContext $on): Demand
    {
        if (M_PI * $on->length(self::SPOOL)->toInches() > $this->longest($on)->toInches()) {
            throw Fault::at('/'.self::SPOOL, 'A strip that short does not go round it once. Write a narrower spool, or longer strips.');
        }
        $cuts = [];
        foreach ($on->ties() as $index => $tie) {
            array_push($cuts, ...$this->cuts($on, Element::onTie($on->id, $index + 1, $tie->number)));
        }

        return Demand::ofCuts($cuts);
    }

    protected function does(PartContext $on, int $elements): string
    {
        return 'Curl the strips, then tie on '.Words::count($elements, ...$this->noun()).'.';
    }

    protected function minutes(): float
    {
        return 1.2;
    }
}
