<?php

declare(strict_types=1);

namespace Davrin\Core\Bench\Trouble;

use Davrin\Core\Bench\BenchCut;
use Davrin\Core\Bench\LeastSeen;
use Davrin\Core\Bench\Replanner;
use Davrin\Core\Bench\Situation;
use Davrin\Core\Bench\Trouble;
use Davrin\Core\Bench\Unit;
use Davrin\Core\Bench\Walk;
use Davrin\Core\Bench\Way;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Blank\TextBlank;
use Davrin\Core\Demand\Element;
use Davrin\Core\Edit\AddLot;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\NotReadable;
use Davrin\Core\Part\Part;
use Davrin\Core\Supply\Lot;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Words;

/** What goes on is of another dye lot than what is made, and the two do not match. */
final class OtherLot implements Trouble
{
    public function key(): string
    {
        return 'other-lot';
    }

    public function title(): string
    {
        return 'Another dye lot turns up';
    }

    public function sentence(): string
    {
        return 'There is {length} of {material} of lot {lot}, and it does not match what is made.';
    }

    public function blanks(Situation $now, Walk $walk, ?Unit $at): ?array
    {
        $names = [];
        foreach ($now->rolls as $roll) {
            if (array_filter($roll->cuts, fn (BenchCut $cut): bool => ! $now->isCut($cut)) !== []) {
                $names[$roll->material] = $now->wound($roll->material)?->name() ?? $roll->material;
            }
        }
        $its = isset($names[$at?->materials[0]->id ?? '']) ? (string) $at?->materials[0]->id : (string) array_key_first($names);

        return $names === [] ? null : [
            ChoiceBlank::ofPlan('material', 'the mesh', $its, $names),
            new TextBlank('lot', 'the lot', 'B', 16),
            LengthBlank::of(
                'length',
                'how much there is',
                $now->wound($its)?->nominal() ?? Length::yards(10),
                Length::inches(1),
                Length::yards(200),
            ),
        ];
    }

    public function ways(Replanner $replanner, Situation $now, Walk $walk, Slip $slip): array
    {
        $material = $slip->text('material');
        if ($now->wound($material) === null) {
            throw Fault::at('/material', 'That mesh is not among those of this work any more. Choose another.');
        }
        try {
            $lot = Lot::read($slip->text('lot'));
        } catch (NotReadable $why) {
            throw Fault::at('/lot', $why->getMessage());
        }
        $edit = new AddLot($material, $lot ?? 'B', $slip->length('length'));
        $ways = [];
        foreach ($replanner->partsToCut($now, $material) as $part) {
            if ($part->kind->materials()->variesByTie && $part->kind->materials()->isOne() && $part->demand->runs === []) {
                $ways[] = $this->painted($replanner, $now, $part, $edit, $material, true);
                $ways[] = $this->painted($replanner, $now, $part, $edit, $material, false);
            }
        }

        return array_values(array_filter([
            ...$ways,
            new Way('without', 'Do without it', [
                'What is planned is cut from what was planned. Say that there is not enough, where that is so.',
            ], $now, replans: false),
        ]));
    }

    public function words(Situation $now, Slip $slip): string
    {
        return sprintf('lot %s of %s turned up', $slip->text('lot'), $now->wound($slip->text('material'))?->name() ?? 'a mesh');
    }

    /** By turns from here, or all of it where it is seen least. */
    private function painted(Replanner $replanner, Situation $now, Part $part, AddLot $edit, string $material, bool $byTurns): ?Way
    {
        // Of several pieces of work the first that enough is left of to go by turns.
        $enough = array_filter($replanner->untouched($now, $part->id, $material), fn (array $rest): bool => count($rest) > 1);
        if ($enough === []) {
            return null;
        }
        $copy = array_key_first($enough);
        $rest = $enough[$copy];
        $with = $replanner->edited($now, $copy, $edit, false);
        $lot = $with === null ? null : $edit->idIn($with->pieces[$copy]->plan);
        if ($with === null || $lot === null) {
            return null;
        }
        $order = $byTurns ? $rest : LeastSeen::first($now->pieces[$copy]->plan, $rest);
        $its = array_values(array_filter(
            $order,
            fn (Element $element, int $at): bool => $byTurns ? $at % 2 === 0 : $at < intdiv(count($order) + 1, 2),
            ARRAY_FILTER_USE_BOTH,
        ));
        $ties = array_map(fn (Element $element): int => $element->ties[0] ?? 0, $its);
        $then = $replanner->painted($with, $copy, $part, array_fill_keys($ties, $lot));
        $plan = $then === null ? null : $replanner->rest($then, [$material, $lot], false);
        sort($ties);

        return $then === null || $plan === null || $plan->unmet !== [] ? null : new Way(
            $byTurns ? "turns-$part->id" : "hidden-$part->id",
            $byTurns ? 'The two lots by turns from here' : 'The other lot where it is seen least',
            [
                sprintf('The other lot goes on %s%s.', Words::ties($ties), count($now->pieces) > 1 ? " of piece $copy" : ''),
                ...array_map(fn (string $words): string => "$words.", $plan->words($now->units(), $now)),
                $byTurns
                    ? 'Mixed all the way they look meant; in one place they look like a mistake.'
                    : 'Lay the two side by side in daylight first.',
            ],
            $then->withRolls($plan->rolls),
        );
    }
}
