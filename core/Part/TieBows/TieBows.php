<?php

declare(strict_types=1);

namespace Davrin\Core\Part\TieBows;

use Davrin\Core\Anchor\AnchorKind;
use Davrin\Core\Anchor\Kind\OnTies;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Demand\Element;
use Davrin\Core\Material\MaterialUse;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\BowPiece;
use Davrin\Core\Part\Example;
use Davrin\Core\Part\LacedBow\LacedBow;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Words\Words;

/** A small laced bow of mesh tubing or cord on every tie that is named, held by the stem of its tie. */
final class TieBows extends LacedBow
{
    public function key(): string
    {
        return 'tie-bows';
    }

    public function name(): string
    {
        return 'tubing bows on the ties';
    }

    public function noun(): array
    {
        return ['tubing bow', 'tubing bows'];
    }

    public function anchor(): AnchorKind
    {
        return new OnTies;
    }

    public function materials(): MaterialUse
    {
        return MaterialUse::strips(self::MOST_TOGETHER, ['tubing', 'cord', 'ribbon']);
    }

    public function example(): Example
    {
        return Example::onWires();
    }

    public function blanks(): array
    {
        return [
            LengthBlank::of('strip', 'the length of a strip', Length::inches(14), Length::inches(4), Length::yards(2)),
            self::tail('tail', 'the length of a tail', Length::inches(3)),
            ...self::bowBlanks('tie'),
        ];
    }

    public function sentence(PartContext $on): string
    {
        return 'Tie {kind} of {material}: a strip of {strip} with two tails of {tail} for each, which leaves two loops of {=rest}. '
            .'The ends are cut {ends}, and each is held by {holds}, one on {on}: {=count}.';
    }

    protected function made(PartContext $on): Demand
    {
        $cuts = [];
        foreach ($on->ties() as $index => $tie) {
            $element = Element::onTie($on->id, $index + 1, $tie->number);
            array_push($cuts, ...array_map(
                fn (BowPiece $piece): Cut => new Cut($element, $on->materials[$piece->ribbon]->id, $piece->length()),
                $this->pieces($on->slip, count($on->materials)),
            ));
        }

        return self::held($on, Demand::ofCuts($cuts));
    }

    protected function does(PartContext $on, int $elements): string
    {
        return 'Tie on '.Words::count($elements, ...$this->noun()).'.';
    }

    protected function minutes(): float
    {
        return 1.5;
    }
}
