<?php

declare(strict_types=1);

namespace Davrin\Core\Compute;

use Davrin\Core\Demand\BuildStep;
use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Phase;
use Davrin\Core\Demand\Run;
use Davrin\Core\Learned\Subject;
use Davrin\Core\Material\Wound;
use Davrin\Core\Part\OwnWork;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Roll\RollOutcome;
use Davrin\Core\Words\Figure;
use Davrin\Core\Words\Words;

/**
 * The steps of making a whole piece in the order of work (docs/craft-figures.md): each in its phase, but none before what must come
 * first. How long it takes is the sum of its steps.
 */
final readonly class BuildOrder
{
    /** Minutes for each time the cutter comes down (a starting guess). */
    public const STROKE = 0.1;

    private const USUAL = [Phase::Ties, Phase::Cutting, Phase::Making];

    /**
     * @param  list<BuildStep>  $steps
     * @param  array<string, string>  $learned  which kinds of work take as long as the log says, with what that rests on
     */
    private function __construct(public array $steps, private array $learned) {}

    /** @param  list<RollOutcome>  $outcomes */
    public static function of(Plan $plan, array $outcomes): self
    {
        $steps = array_merge(...array_map(fn (RollOutcome $outcome): array => self::cutting($plan, $outcome), $outcomes));
        [$cut, $rows] = [array_column($steps, 'key'), RowByRow::of($plan)];
        foreach ($plan->demand->of as $address => $demand) {
            $part = str_starts_with($address, 'parts.') ? $plan->part(substr($address, strlen('parts.'))) : null;
            $steps = [...$steps, ...($part === null ? $demand->steps : self::ofPart($plan, $part, $cut, $rows[$part->id] ?? []))];
        }

        $own = array_map(
            fn (Part $part): string => "parts.$part->id",
            array_filter($plan->parts, fn (Part $part): bool => $part->kind instanceof OwnWork),
        );

        [$steps, $learned] = self::asLearned($plan, $steps);

        return new self(self::inOrder(self::afterTheMesh($steps), $own), $learned);
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
        // The usual ones are told where they take no time too.
        $said = array_map(
            fn (Phase $phase, float $minutes): ?string => $minutes > 0.0 || in_array($phase, self::USUAL, true)
                ? sprintf('%s %.1f', $phase->words(), $minutes)
                : null,
            Phase::cases(),
            $phases,
        );

        return new Figure(
            'to make',
            (int) round(array_sum($phases)),
            Words::minutes(array_sum($phases)),
            [implode(' + ', array_filter($said)).' min ('.$this->from().')'],
            true,
        );
    }

    /** Where the minutes come from. */
    private function from(): string
    {
        $said = array_map(fn (string $words, string $why): string => "$words $why", array_keys($this->learned), $this->learned);

        return $said === [] ? 'starting guesses' : Words::list($said).', all else starting guesses';
    }

    /**
     * Each step takes as long as the log says of such work.
     *
     * @param  list<BuildStep>  $steps
     * @return array{list<BuildStep>, array<string, string>}
     */
    private static function asLearned(Plan $plan, array $steps): array
    {
        if (! $plan->learned->knows(Subject::Minutes)) {
            return [$steps, []];
        }
        [$taking, $why] = [[], []];
        foreach ($steps as $step) {
            $work = Work::of($plan, $step);
            $learned = $work?->learned($plan);
            $taking[] = $learned === null ? $step : $step->taking($step->minutes * $learned->value);
            if ($work !== null && $learned !== null && $step->minutes > 0.0) {
                $why[$work->words] = $learned->words();
            }
        }

        return [$taking, $why];
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
     * Those of a part, once its ties are made, its material is cut and what it stands on is there.
     *
     * @param  list<string>  $cut  what is cut, by the key of the step
     * @param  list<BuildStep>  $rows  instead of its last, where that is done row by row
     * @return list<BuildStep>
     */
    private static function ofPart(Plan $plan, Part $part, array $cut, array $rows): array
    {
        $steps = $part->demand->steps;
        $needs = [
            ...($part->on->group === null || $plan->demand->of["ties.{$part->on->group->id}"]->steps === []
                ? []
                : ["ties.{$part->on->group->id}"]),
            ...array_intersect(array_map(fn (Wound $wound): string => "cut.$wound->id", $part->on->wound()), $cut),
            ...($part->on->anchor->part === null ? [] : ["parts.{$part->on->anchor->part}"]),
        ];

        return array_map(
            fn (BuildStep $step): BuildStep => $step->after(array_values(array_unique([...$needs, ...$step->after]))),
            $rows === [] ? $steps : [...array_slice($steps, 0, -1), ...$rows],
        );
    }

    /**
     * Mesh is fluffed once all of it is on; the piece is hung once all else is done.
     *
     * @param  list<BuildStep>  $steps
     * @return list<BuildStep>
     */
    private static function afterTheMesh(array $steps): array
    {
        $before = fn (Phase $phase): array => array_column(
            array_filter($steps, fn (BuildStep $step): bool => self::place($step->phase) < self::place($phase)),
            'key',
        );

        return array_map(fn (BuildStep $step): BuildStep => match (true) {
            $step->after !== [] => $step,
            $step->phase === Phase::Fluffing, $step->phase === Phase::Finishing => $step->after($before($step->phase)),
            default => $step,
        }, $steps);
    }

    /**
     * Always the first that nothing has to come before any more: by its phase, then as the plan has them; the maker's own before the
     * sign.
     *
     * @param  list<BuildStep>  $steps
     * @param  array<string>  $own  by key
     * @return list<BuildStep>
     */
    private static function inOrder(array $steps, array $own): array
    {
        [$known, $ordered] = [array_fill_keys(array_column($steps, 'key'), true), []];
        /** @var array<string, true> $done */
        $done = [];
        $isReady = function (BuildStep $step) use (&$done, $known): bool {
            return array_filter($step->after, fn (string $key): bool => isset($known[$key]) && ! isset($done[$key])) === [];
        };
        $place = fn (BuildStep $step): array => [
            self::place($step->phase),
            $step->phase === Phase::Sign && ! in_array($step->key, $own, true) ? 1 : 0,
        ];
        usort($steps, fn (BuildStep $a, BuildStep $b): int => $place($a) <=> $place($b));
        while ($steps !== []) {
            // What waits for itself is done in its turn: a file may say so.
            $next = (int) (array_key_first(array_filter($steps, $isReady)) ?? 0);
            $ordered[] = $steps[$next];
            $done[$steps[$next]->key] = true;
            array_splice($steps, $next, 1);
        }

        return $ordered;
    }

    private static function place(Phase $phase): int
    {
        return (int) array_search($phase, Phase::cases(), true);
    }
}
