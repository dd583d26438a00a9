<?php

declare(strict_types=1);

namespace Davrin\Core\Part\StemBalls;

use Davrin\Core\Anchor\AnchorKind;
use Davrin\Core\Anchor\Kind\OnTies;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Demand\BuildStep;
use Davrin\Core\Demand\Caution;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Demand\Element;
use Davrin\Core\Demand\GoodsNeed;
use Davrin\Core\Demand\Phase;
use Davrin\Core\Geometry\Board;
use Davrin\Core\Material\MaterialUse;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\CountedPart;
use Davrin\Core\Part\Example;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\Size;
use Davrin\Core\Part\TakesUpRoom;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Words\Words;

/** A foam ball pushed on the end of the stem of a tie, which is cut short for it. */
final class StemBalls extends CountedPart implements TakesUpRoom
{
    private const SIZE = 'size';

    /** Of a glue stick for one, and minutes (guesses). */
    private const GLUE = [1, 16];

    private const MINUTES = 0.5;

    public function key(): string
    {
        return 'stem-balls';
    }

    public function name(): string
    {
        return 'balls on stem ends';
    }

    public function noun(): array
    {
        return ['ball', 'balls'];
    }

    public function materials(): MaterialUse
    {
        return MaterialUse::pieces(['ball'], 'balls');
    }

    public function anchor(): AnchorKind
    {
        return new OnTies;
    }

    public function blanks(): array
    {
        return [LengthBlank::of(self::SIZE, 'how wide a ball is', Length::inches(1, 1, 2), Length::inches(0, 1, 4), Length::inches(6))];
    }

    public function sentence(PartContext $on): string
    {
        return 'Cut the stem ends short, and push {material} on them as {kind}, each {size} wide, one on {on}: {=count}.';
    }

    public function demand(PartContext $on): Demand
    {
        $elements = array_map(
            fn (Tie $tie, int $index): Element => Element::onTie($on->id, $index + 1, $tie->number),
            $on->ties(),
            array_keys($on->ties()),
        );

        return Demand::ofElements($elements)->taking(
            GoodsNeed::pieces($on->first()->kind->key(), count($elements), $on->first()->id),
            GoodsNeed::part('glue', count($elements) * self::GLUE[0], self::GLUE[1]),
        );
    }

    public function steps(PartContext $on, Demand $demand): array
    {
        return [new BuildStep(
            "parts.$on->id",
            Phase::Extras,
            sprintf(
                'Cut the stem ends to 1 in, and push on %s with a dot of glue.',
                Words::count(count($demand->elements), ...$this->noun()),
            ),
            'wire cutter and glue gun',
            array_column($demand->elements, 'id'),
            count($demand->elements) * self::MINUTES,
            [Caution::Wire, Caution::HotGlue, Caution::SmallParts],
            each: 'Cut the stem end to 1 in, and push the ball on with a dot of glue.',
        )];
    }

    public function size(PartContext $on): Size
    {
        $size = $on->length(self::SIZE)->toInches();

        return self::onTop($size, 'as deep as wide', $size / 2);
    }

    public function room(PartContext $on): array
    {
        $size = $on->length(self::SIZE)->toInches();

        return array_map(fn (Tie $tie): Board => Board::oval($tie->place->point(), $size, $size), $on->ties());
    }

    public function example(): Example
    {
        return Example::onWires();
    }
}
