<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Demand\Element;
use Davrin\Core\Demand\GoodsNeed;
use Davrin\Core\Demand\Run;
use Davrin\Core\Demand\Step;
use Davrin\Core\Measure\Length;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Words;

/** What a part asks for where some of its ties have a piece of another length, or none. */
final class Otherwise
{
    /** @return array<int, ?Length> by the number of the tie; null where it stays bare */
    public static function of(PartContext $on): array
    {
        return $on->slip->has(OtherwiseBlank::KEY) ? $on->slip->lengthsByNumber(OtherwiseBlank::KEY) : [];
    }

    /**
     * @throws Fault where a run would leave a tie bare, or nothing is left
     */
    public static function in(Demand $demand, PartContext $on): Demand
    {
        $otherwise = self::of($on);
        if ($otherwise === []) {
            return $demand;
        }
        $at = fn (Element $element): int => $element->ties[0] ?? 0;
        $isBare = fn (Element $element): bool => array_key_exists($at($element), $otherwise) && $otherwise[$at($element)] === null;
        $bare = array_filter($demand->elements, $isBare);
        if ($bare !== [] && $demand->runs !== []) {
            throw Fault::at('/'.OtherwiseBlank::KEY, sprintf(
                'Mesh that runs on from tie to tie leaves none of them bare. Write a length for %s.',
                Words::ties(array_values(array_map($at, $bare))),
            ));
        }
        if (count($bare) === count($demand->elements)) {
            throw Fault::at('/'.OtherwiseBlank::KEY, 'That leaves every tie bare. Take the line away instead, or leave some of them.');
        }
        $cuts = array_map(
            fn (Cut $cut): Cut => new Cut($cut->element, $cut->material, $otherwise[$at($cut->element)] ?? $cut->length),
            array_values(array_filter($demand->cuts, fn (Cut $cut): bool => ! $isBare($cut->element))),
        );
        $runs = array_map(fn (Run $run): Run => $run->with(array_map(fn (Step $step): Step => new Step(
            $step->element,
            $step->from,
            $step->to,
            $step->drop,
            $otherwise[$at($step->element)] ?? $step->pitch,
        ), $run->steps)), $demand->runs);

        return $demand->otherwise(
            array_values(array_filter($demand->elements, fn (Element $element): bool => ! $isBare($element))),
            $cuts,
            $runs,
            array_map(fn (GoodsNeed $need): GoodsNeed => self::without($need, count($bare), count($demand->elements)), $demand->goods),
        );
    }

    /** What holds each element is not taken where there is none. */
    private static function without(GoodsNeed $need, int $bare, int $of): GoodsNeed
    {
        return $bare === 0 ? $need : new GoodsNeed(
            $need->kind,
            $need->pieces->multipliedBy($of - $bare)->dividedBy($of),
            $need->because === null ? null : "$need->because, ".Words::count($bare, 'tie').' left bare',
            $need->material,
        );
    }
}
