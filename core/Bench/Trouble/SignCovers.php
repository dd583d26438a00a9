<?php

declare(strict_types=1);

namespace Davrin\Core\Bench\Trouble;

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
use Davrin\Core\Demand\Element;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Part\DiffersByTie;
use Davrin\Core\Part\HidesWhatIsBehind;
use Davrin\Core\Part\Part;
use Davrin\Core\Words\Words;

/** The sign that lies there is larger than what was planned, and hides more. */
final class SignCovers implements Trouble
{
    public function key(): string
    {
        return 'sign-covers';
    }

    public function title(): string
    {
        return 'The sign covers more than planned';
    }

    public function sentence(): string
    {
        return '{sign} is {width} wide and {height} high.';
    }

    public function blanks(Situation $now, Walk $walk, ?Unit $at): ?array
    {
        $signs = array_values(array_filter(
            $now->first()->plan->parts,
            fn (Part $part): bool => $part->kind instanceof HidesWhatIsBehind
                && $part->on->slip->has('width')
                && $part->on->slip->has('height'),
        ));

        return $signs === [] ? null : [
            ChoiceBlank::ofPlan('sign', 'the sign', $signs[0]->id, array_column(array_map(
                fn (Part $part): array => [$part->id, ucfirst($part->materialNames())],
                $signs,
            ), 1, 0)),
            LengthBlank::of('width', 'how wide it is', $signs[0]->on->length('width'), Length::inches(1), Length::yards(4)),
            LengthBlank::of('height', 'how high it is', $signs[0]->on->length('height'), Length::inches(1), Length::yards(4)),
        ];
    }

    public function ways(Replanner $replanner, Situation $now, Walk $walk, Slip $slip): array
    {
        $sign = $slip->text('sign');
        $edit = new FillBlanks([
            "parts.$sign.width" => LengthText::canonical($slip->length('width')),
            "parts.$sign.height" => LengthText::canonical($slip->length('height')),
        ]);
        $sized = $now;
        foreach (array_keys($now->pieces) as $copy) {
            $sized = $sized === null ? null : $replanner->edited($sized, $copy, $edit);
        }
        if ($sized === null) {
            return [];
        }
        $opening = $sized->first()->result->tally->opening->shown;

        return array_values(array_filter([
            $this->bare($replanner, $sized),
            new Way('size', 'Take the size as it is, and go on', [
                "What stays open in the middle is $opening. Tie it on loosely, so that it lies on the mesh and is not pressed in.",
            ], $sized->withRolls($replanner->rest($sized, [], true)->rolls)),
        ]));
    }

    public function words(Situation $now, Slip $slip): string
    {
        return sprintf(
            'the sign is %s x %s',
            $now->units()->exact($slip->length('width')),
            $now->units()->exact($slip->length('height')),
        );
    }

    /** What is not cut yet is not tied where the sign hides it. */
    private function bare(Replanner $replanner, Situation $now): ?Way
    {
        [$then, $said, $materials] = [$now, [], []];
        foreach ($now->first()->plan->parts as $part) {
            if (! $part->kind instanceof DiffersByTie || $part->demand->runs !== [] || $part->on->group === null) {
                continue;
            }
            $hidden = [];
            foreach ($replanner->untouched($now, $part->id) as $copy => $rest) {
                $hidden[$copy] = LeastSeen::behindTheSign($now->pieces[$copy]->plan, $rest);
            }
            $all = array_merge([], ...array_values($hidden));
            $tried = $all === [] ? null : $replanner->otherwise($then, $part->id, $hidden, null);
            if ($tried !== null) {
                $then = $tried;
                $said[] = sprintf(
                    '%s less: %s.',
                    Words::count(count($all), ...$part->kind->noun()),
                    Words::ties(array_map(fn (Element $element): int => $element->ties[0] ?? 0, $all)),
                );
                $materials = [...$materials, ...array_map(fn (Wound $wound): string => $wound->id, $part->on->wound())];
            }
        }
        $materials = array_values(array_unique($materials));
        $plan = $materials === [] ? null : $replanner->rest($then, $materials, false);

        return $plan === null ? null : new Way(
            'bare',
            'Leave the ties behind it bare',
            [...$said, 'Nobody sees them there.'],
            $then->withRolls($plan->rolls),
        );
    }
}
