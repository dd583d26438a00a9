<?php

declare(strict_types=1);

namespace Davrin\Core\Compute;

use Davrin\Core\Demand\BuildStep;
use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Phase;
use Davrin\Core\Demand\Run;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Roll\RollOutcome;
use Davrin\Core\Words\Figure;
use Davrin\Core\Words\Words;

/**
 * The steps of making a piece in the order of work (docs/craft-figures.md): form and ties, cutting, the parts as they are built,
 * finishing. How long it takes is the sum of its steps.
 */
final readonly class BuildOrder
{
    /** Minutes for each time the cutter comes down (a starting guess). */
    private const STROKE = 0.1;

    /** @param  list<BuildStep>  $steps */
    private function __construct(public array $steps) {}

    /** @param  list<RollOutcome>  $outcomes */
    public static function of(Plan $plan, array $outcomes): self
    {
        $steps = [];
        foreach ($plan->demand->of as $demand) {
            array_push($steps, ...array_filter($demand->steps, fn (BuildStep $step): bool => $step->phase === Phase::Ties));
        }
        foreach ($outcomes as $outcome) {
            $steps = [...$steps, ...self::cutting($plan, $outcome)];
        }
        foreach ($plan->parts as $part) {
            array_push($steps, ...self::making($part, $steps));
        }
        $made = array_column($steps, 'key');
        foreach ($plan->demand->of as $demand) {
            foreach ($demand->steps as $step) {
                $steps = [...$steps, ...($step->phase === Phase::Finishing ? [$step->after === [] ? $step->after($made) : $step] : [])];
            }
        }

        return new self($steps);
    }

    /** How long all of it takes (an estimate). */
    public function minutes(): Figure
    {
        $phases = array_map(
            fn (Phase $phase): float => array_sum(
                array_map(fn (BuildStep $step): float => $step->phase === $phase ? $step->minutes : 0.0, $this->steps),
            ),
            Phase::cases(),
        );
        $said = array_map(
            fn (Phase $phase, float $minutes): string => sprintf('%s %.1f', $phase->words(), $minutes),
            Phase::cases(),
            $phases,
        );

        return new Figure(
            'to make',
            (int) round(array_sum($phases)),
            Words::minutes(array_sum($phases)),
            [implode(' + ', $said).' min (starting guesses)'],
            true,
        );
    }

    /** @return list<BuildStep> cutting of one material, where any is used */
    private static function cutting(Plan $plan, RollOutcome $outcome): array
    {
        $wound = $outcome->wound;
        $strands = fn (Run $run): int => count(array_keys($run->strands, $wound->id, true));
        $pieces = count(array_filter($plan->demand->cuts(), fn (Cut $cut): bool => $cut->material === $wound->id));
        $runs = array_sum(array_map($strands, $plan->demand->runs()));
        $strokes = $pieces + $runs + count($outcome->plan->changes);

        return $pieces + $runs === 0 ? [] : [new BuildStep(
            "cut.$wound->id",
            Phase::Cutting,
            sprintf(
                'Cut %s of %s.',
                Words::list([...($pieces > 0 ? [Words::count($pieces, 'piece')] : []), ...($runs > 0 ? [Words::count($runs, 'run')] : [])]),
                $wound->name(),
            ),
            $wound->wound->cutter(),
            [],
            $strokes * self::STROKE,
            [$wound->wound->cuttingCaution()],
        )];
    }

    /**
     * @param  list<BuildStep>  $before
     * @return list<BuildStep> those of a part, once its ties are made and its material is cut
     */
    private static function making(Part $part, array $before): array
    {
        $needs = array_intersect(
            [
                ...($part->on->group === null ? [] : ["ties.{$part->on->group->id}"]),
                ...array_map(fn ($wound): string => "cut.$wound->id", $part->on->wound()),
                ...($part->on->anchor->part === null ? [] : ["parts.{$part->on->anchor->part}"]),
            ],
            array_column($before, 'key'),
        );

        return array_map(fn (BuildStep $step): BuildStep => $step->after([...array_values($needs), ...$step->after]), $part->demand->steps);
    }
}
