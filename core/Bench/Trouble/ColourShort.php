<?php

declare(strict_types=1);

namespace Davrin\Core\Bench\Trouble;

use Davrin\Core\Bench\BenchCut;
use Davrin\Core\Bench\BenchRoll;
use Davrin\Core\Bench\Refill;
use Davrin\Core\Bench\Replanner;
use Davrin\Core\Bench\Situation;
use Davrin\Core\Bench\Trouble;
use Davrin\Core\Bench\Unit;
use Davrin\Core\Bench\Walk;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Measure\Length;

/** There is less of a colour than was thought: so much of it is left, on whatever rolls. */
final class ColourShort implements Trouble
{
    use OfRolls;

    public function key(): string
    {
        return 'colour-short';
    }

    public function title(): string
    {
        return 'Not enough of a colour';
    }

    public function sentence(): string
    {
        return 'Of {material} only {left} is left in one piece.';
    }

    public function blanks(Situation $now, Walk $walk, ?Unit $at): ?array
    {
        $names = [];
        foreach ($now->rolls as $roll) {
            if (array_filter($roll->cuts, fn (BenchCut $cut): bool => ! $now->isCut($cut)) !== []) {
                $names[$roll->material] = $now->wound($roll->material)?->name() ?? $roll->material;
            }
        }
        $its = $at?->materials[0]->id ?? '';

        return $names === [] ? null : [
            ChoiceBlank::ofPlan('material', 'the mesh', isset($names[$its]) ? $its : (string) array_key_first($names), $names),
            LengthBlank::of('left', 'how much is left', Length::zero(), Length::zero(), Length::yards(200)),
        ];
    }

    public function ways(Replanner $replanner, Situation $now, Walk $walk, Slip $slip): array
    {
        [$material, $left, $rolls] = [$slip->text('material'), $slip->length('left'), []];
        $isLeft = false;
        foreach ($now->rolls as $roll) {
            if ($roll->material !== $material || $roll->isSpent) {
                $rolls[] = $roll;

                continue;
            }
            $used = Length::sum(array_map(fn (BenchCut $its): Length => $its->length, $now->cutFrom($roll)));
            if (! $isLeft && ! $left->isZero()) {
                $isLeft = true;
                $rolls[] = new BenchRoll(
                    $roll->key,
                    $material,
                    $roll->number,
                    $roll->origin,
                    $used->plus($left),
                    $used->plus($left),
                    $roll->cuts,
                    $roll->lot,
                    $roll->item,
                );
            } else {
                $rolls[] = $roll->spentAt($used);
            }
        }

        return Refill::ways($replanner, $now->withRolls($rolls), $material);
    }

    public function words(Situation $now, Slip $slip): string
    {
        return sprintf(
            'only %s of %s left',
            $now->units()->exact($slip->length('left')),
            $now->wound($slip->text('material'))?->name() ?? 'a mesh',
        );
    }
}
