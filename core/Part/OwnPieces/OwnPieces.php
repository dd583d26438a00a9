<?php

declare(strict_types=1);

namespace Davrin\Core\Part\OwnPieces;

use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Demand\GoodsNeed;
use Davrin\Core\Material\MaterialUse;
use Davrin\Core\Part\OwnWork;
use Davrin\Core\Part\PartContext;

/** A step of the maker's own that takes things that are counted: stuffing for a crown, a board for the back. */
final class OwnPieces extends OwnWork
{
    /** What can be taken, by key; the first is the usual. */
    private const GOODS = [
        'other', 'board', 'felt', 'glue', 'wire', 'stems', 'zip-ties', 'hanger', 'sign', 'pick', 'flower', 'greenery', 'ornament',
        'bell', 'ball', 'small-sign', 'tin', 'cloth', 'cap',
    ];

    private const PIECES = 'pieces';

    public function key(): string
    {
        return 'own-pieces';
    }

    public function name(): string
    {
        return 'a step of your own with things';
    }

    public function noun(): array
    {
        return ['step', 'steps'];
    }

    public function materials(): MaterialUse
    {
        return MaterialUse::pieces(self::GOODS, 'material');
    }

    public function demand(PartContext $on): Demand
    {
        $pieces = $on->slip->count(self::PIECES);

        return Demand::none()->taking(GoodsNeed::pieces($on->first()->kind->key(), $pieces, $on->first()->id)->because(
            "$pieces for a step of your own",
        ));
    }

    protected function usual(): string
    {
        return 'Stuff the crown';
    }

    protected function own(): array
    {
        return [new CountBlank(self::PIECES, 'how many it takes', 1, 1, 500)];
    }

    protected function with(): string
    {
        return 'with {pieces} of {material}, ';
    }
}
