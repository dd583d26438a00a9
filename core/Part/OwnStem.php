<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use Brick\Math\BigRational;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Concern\Concern;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Demand\GoodsNeed;
use Davrin\Core\Ties\Fastening;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Words\Words;

/** What holds an element: the stem of its tie, or half or a third of a stem that it brings. */
final class OwnStem
{
    public const KEY = 'stem';

    public const OF_TIE = 'tie';

    public static function blank(): ChoiceBlank
    {
        return new ChoiceBlank(self::KEY, 'what holds it', self::OF_TIE, [
            self::OF_TIE => "the tie's own stem",
            Fastening::Half->value => 'half a stem of its own',
            Fastening::Third->value => 'a third of a stem of its own',
        ]);
    }

    public static function of(PartContext $on): Fastening
    {
        return $on->slip->text(self::KEY) === self::OF_TIE ? Fastening::None : Fastening::from($on->slip->text(self::KEY));
    }

    /**
     * What elements are held by, taken in besides.
     *
     * @param  array{string, string}  $noun  of the elements
     */
    public static function taken(Demand $demand, Fastening $by, array $noun): Demand
    {
        $elements = count($demand->elements);

        return $by->good() === null ? $demand : $demand->taking(new GoodsNeed(
            $by->good(), BigRational::nd($elements, $by->tiesAPiece()), sprintf(
                '%s, each %s of its own',
                Words::count($elements, ...$noun),
                $by->words(),
            ),
        ));
    }

    /** @return list<Concern> where neither the tie nor the element has anything to tie with */
    public static function concerns(PartContext $on): array
    {
        if ($on->group?->fastening !== Fastening::None || self::of($on) !== Fastening::None) {
            return [];
        }

        return [new Concern('unheld', 'Nothing holds them.', 'Their ties have no stems, and they bring none of their own.', array_map(
            fn (Tie $tie): int => $tie->number,
            $on->ties(),
        ), [
            'Half a stem for each' => [self::KEY => Fastening::Half->value],
            'A third of a stem for each' => [self::KEY => Fastening::Third->value],
        ])];
    }
}
