<?php

declare(strict_types=1);

namespace Davrin\Core\Bench\Trouble;

use Davrin\Core\Bench\BenchCut;
use Davrin\Core\Bench\BenchRoll;
use Davrin\Core\Bench\Deed;
use Davrin\Core\Bench\Situation;
use Davrin\Core\Bench\Unit;
use Davrin\Core\Bench\Walk;
use Davrin\Core\Blank\ChoiceBlank;

/** What troubles with rolls share: which roll it is, and which units its cuts are. */
trait OfRolls
{
    /** @param  list<BenchRoll>  $rolls */
    private static function rollBlank(Situation $now, array $rolls, ?Unit $at): ?ChoiceBlank
    {
        $names = [];
        foreach ($rolls as $roll) {
            $names[$roll->key] = self::named($now, $roll);
        }
        $its = $at->roll ?? '';

        return $names === [] ? null : ChoiceBlank::ofPlan('roll', 'the roll', isset($names[$its]) ? $its : array_key_first($names), $names);
    }

    /** "Roll 1 of Sage mesh" */
    private static function named(Situation $now, BenchRoll $roll): string
    {
        return "Roll $roll->number of ".($now->wound($roll->material)?->name() ?? 'mesh');
    }

    /** @return list<BenchRoll> those that something was cut from, or is to be, and that did not give out yet */
    private static function inHand(Situation $now): array
    {
        return array_values(array_filter(
            $now->rolls,
            fn (BenchRoll $roll): bool => $roll->number > 0 && ! $roll->isSpent && $roll->cuts !== [],
        ));
    }

    /** @return list<BenchCut> pieces, and steps of a run, in the order they come off it */
    private static function pieces(BenchRoll $roll): array
    {
        return array_values(array_filter($roll->cuts, fn (BenchCut $cut): bool => $cut->id !== null));
    }

    /**
     * The units that a stretch of a roll is ticked by: the cut of a piece, the making of a poof.
     *
     * @param  list<BenchCut>  $cuts
     * @return list<string> by key
     */
    private static function unitsOf(Walk $walk, array $cuts): array
    {
        $ids = [];
        foreach ($cuts as $cut) {
            $ids[$cut->isPiece() ? "cut $cut->id" : "make {$cut->element()}"] = true;
        }

        return array_values(array_map(fn (Unit $unit): string => $unit->key, array_filter(
            $walk->units,
            fn (Unit $unit): bool => isset($ids[match ($unit->deed) {
                Deed::Cut => "cut $unit->cut",
                default => "make $unit->copy/".($unit->element->id ?? ''),
            }]),
        )));
    }
}
