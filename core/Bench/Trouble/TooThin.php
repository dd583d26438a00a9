<?php

declare(strict_types=1);

namespace Davrin\Core\Bench\Trouble;

use Davrin\Core\Bench\Replanner;
use Davrin\Core\Bench\Situation;
use Davrin\Core\Bench\Trouble;
use Davrin\Core\Bench\Unit;
use Davrin\Core\Bench\Walk;
use Davrin\Core\Bench\Way;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Edit\AddPart;
use Davrin\Core\Edit\Edit;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Part\CutToLength;
use Davrin\Core\Part\FillsBetweenRows;
use Davrin\Core\Part\Part;
use Davrin\Core\Part\SecondAcross\SecondAcross;
use Davrin\Core\Words\Words;

/** The form shows through the mesh. */
final class TooThin implements Trouble
{
    public function key(): string
    {
        return 'too-thin';
    }

    public function title(): string
    {
        return 'The mesh is too thin';
    }

    public function sentence(): string
    {
        return 'The form shows through the {part}.';
    }

    public function blanks(Situation $now, Walk $walk, ?Unit $at): ?array
    {
        $parts = array_column(array_map(
            fn (Part $part): array => [$part->id, $part->kind->noun()[1].' of '.$part->materialNames()],
            $this->meshParts($now),
        ), 1, 0);
        $its = $at->element->part ?? '';

        return $parts === [] ? null : [
            ChoiceBlank::ofPlan('part', 'what is thin', isset($parts[$its]) ? $its : (string) array_key_first($parts), $parts),
        ];
    }

    public function ways(Replanner $replanner, Situation $now, Walk $walk, Slip $slip): array
    {
        $part = $now->first()->plan->part($slip->text('part'));
        $filling = $part->kind instanceof FillsBetweenRows && count($part->on->rows) > 1 ? $part->kind->filling() : [];
        $length = $part->kind instanceof CutToLength && $part->demand->cuts !== []
            ? LengthText::canonical($part->kind->longest($part->on))
            : null;
        $edits = [
            ...($filling === [] ? [] : ['fill' => ['A filling pass between the rows', new FillBlanks(array_combine(
                array_map(fn (string $key): string => "parts.$part->id.$key", array_keys($filling)),
                array_values($filling),
            ))]]),
            ...($length === null || $part->on->group === null ? [] : ['across' => ['A second piece across each tie', new AddPart([
                'kind' => (new SecondAcross)->key(),
                'material' => $part->on->wound()[0]->id,
                'ties' => $part->on->group->id,
                'on' => $part->on->slip->write()['on'],
                'length' => $length,
            ])]]),
        ];
        $ways = [];
        foreach ($edits as $key => [$label, $edit]) {
            $ways[] = $this->way($replanner, $now, (string) $key, $label, $edit, $part);
        }

        return array_values(array_filter([
            ...$ways,
            new Way('pull', 'Pull the wings apart, and go on', [
                'Fluff what is made first: freshly tied mesh looks thinner than it is. Say it again if the form still shows.',
            ], $now, replans: false),
        ]));
    }

    public function words(Situation $now, Slip $slip): string
    {
        return 'the '.$now->first()->plan->part($slip->text('part'))->kind->noun()[1].' too thin';
    }

    /** @return list<Part> */
    private function meshParts(Situation $now): array
    {
        return array_values(array_filter(
            $now->first()->plan->parts,
            fn (Part $part): bool => $part->kind->fullness() !== null && $part->on->wound() !== [],
        ));
    }

    private function way(Replanner $replanner, Situation $now, string $key, string $label, Edit $edit, Part $part): ?Way
    {
        $materials = array_map(fn (Wound $wound): string => $wound->id, $part->on->wound());
        $then = $now;
        foreach (array_keys($now->pieces) as $copy) {
            $then = $then === null ? null : $replanner->edited($then, $copy, $edit);
        }
        if ($then === null || $materials === []) {
            return null;
        }
        $here = $replanner->rest($then, $materials, false);
        $plan = $here->unmet === [] ? $here : $replanner->rest($then, $materials, true);
        [$was, $is] = [$now->first()->result->tally, $then->first()->result->tally];

        return $plan->unmet !== [] ? null : new Way($key, $label, [
            ...array_map(fn (string $words): string => "$words.", $plan->words($now->units(), $now)),
            $plan->bought > 0
                ? Words::count($plan->bought, 'roll').' to buy'
                    .($plan->cents === 0 ? '' : ', '.$part->on->wound()[0]->money($plan->cents)->shown()).'.'
                : 'What is there is enough.',
            "It takes {$is->minutes->shown} in all instead of {$was->minutes->shown}.",
            ucfirst($is->fullness->said()).' instead of '.str_replace('fullness ', '', $was->fullness->said()).'.',
        ], $then->withRolls($plan->rolls));
    }
}
