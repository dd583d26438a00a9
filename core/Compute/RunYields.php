<?php

declare(strict_types=1);

namespace Davrin\Core\Compute;

use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Element;
use Davrin\Core\Demand\Run;
use Davrin\Core\Demand\Step;
use Davrin\Core\Effort\Effort;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Part\CutToLength;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\RunYield;
use Davrin\Core\Roll\RollPlan;
use Davrin\Core\Roll\RollPlanner;
use Davrin\Core\Supply\Supply;
use Davrin\Core\Words\Figure;
use Davrin\Core\Words\Refused;
use Davrin\Core\Words\Words;

/**
 * What the rolls that a plan opens give of each of its runs: how many elements, and how long a pitch they have room for. Both are
 * tried, all else staying as it is, until one more is too much.
 */
final readonly class RunYields
{
    /** What trying may take. */
    public const STEPS = 8_000_000;

    public function __construct(private RollPlanner $planner) {}

    /** @return list<RunYield> of every part that is made of runs, but for those that it takes too long to try */
    public function of(Plan $plan, Result $result, Effort $effort): array
    {
        $yields = [];
        foreach ($plan->parts as $part) {
            if ($part->demand->runs !== [] && $part->kind instanceof CutToLength && ! $effort->isSpent()) {
                $supplies = self::supplies($plan, $part, $result);
                $elements = $this->elements($plan, $part, $result, $supplies, $effort);
                $length = $this->length($plan, $part, $part->kind, $supplies, $effort);
                if ($effort->isSpent()) {
                    break;
                }
                $isByEye = array_filter($part->demand->runs, fn (Run $run): bool => $run->byEye) !== [];
                $yields[] = $isByEye
                    ? new RunYield($part->id, $elements->asEstimate(Plan::BY_EYE), $length?->asEstimate(Plan::BY_EYE))
                    : new RunYield($part->id, $elements, $length);
            }
        }

        return $yields;
    }

    /** @param  array<string, Supply>  $supplies */
    private function elements(Plan $plan, Part $part, Result $result, array $supplies, Effort $effort): Figure
    {
        $unmet = [];
        foreach ($result->wound as $mesh) {
            foreach ($mesh->plan->unmet as $element) {
                $unmet[$element->id] = true;
            }
        }
        [$all, $runs] = [count($part->demand->elements), $part->demand->runs];
        $made = count(array_filter($part->demand->elements, fn (Element $element): bool => ! isset($unmet[$element->id])));
        $more = $made < $all ? 0 : self::most(
            0,
            self::mostMore($runs[count($runs) - 1], $supplies),
            fn (int $more): bool => $this->isEnough($plan, $part, self::longerBy($part, $more), $supplies, $effort),
        );
        [$one, $many] = $part->kind->noun();

        return new Figure("$many that these rolls give", $made + $more, Words::count($made + $more, $one, $many), [
            match (true) {
                $made < $all => "$made of the $all that it takes",
                $more === 0 => "the $all that it takes",
                default => "the $all that it takes, and $more more of what is left",
            },
            ...($made < $all || $more > 0 ? [] : ["what is left is too little for one $one more"]),
        ], said: Words::count($made + $more, $one, $many).' on these rolls');
    }

    /**
     * The longest pitch at which they are enough, should they come as short as they may.
     *
     * @param  array<string, Supply>  $supplies
     */
    private function length(Plan $plan, Part $part, CutToLength $kind, array $supplies, Effort $effort): ?Figure
    {
        [$step, $now] = [$plan->units()->step()->units, $part->on->length($kind->lengthKey())];
        $safe = array_map(fn (Supply $supply): Supply => $supply->asShort(), $supplies);
        $does = function (int $steps) use ($plan, $part, $kind, $step, $safe, $effort): ?bool {
            try {
                $cut = $part->with($kind->lengthKey(), LengthText::canonical(Length::ofUnits($steps * $step)));
            } catch (Refused) {
                return null;
            }

            return $this->isEnough($plan, $part, $cut->demand->runs, $safe, $effort);
        };
        // What one roll holds is longer than any length of it.
        $longest = max([0, ...array_map(fn (Supply $supply): int => $supply->longest()->units, array_values($supplies))]);
        // A length that may not be written is too short below what is written, and too long above it.
        $best = self::most(0, intdiv($longest, $step), fn (int $steps): bool => $does($steps) ?? $steps * $step < $now->units);
        if ($does($best) !== true) {
            return null;
        }
        $length = Length::ofUnits($best * $step);

        return new Figure('at which these rolls just do', LengthText::canonical($length), $plan->units()->exact($length), [
            $kind->cutTo($plan->units()->exact($length)).': the longest that opens no roll more, should these come as short as they may',
            'written is '.$plan->units()->exact($now),
        ], said: $plan->units()->exact($length).' at most on these rolls');
    }

    /**
     * Whether rolls are enough where a part is another.
     *
     * @param  list<Run>  $runs  that it has
     * @param  array<string, Supply>  $supplies
     */
    private function isEnough(Plan $plan, Part $part, array $runs, array $supplies, Effort $effort): bool
    {
        [$all, $cuts] = [[], []];
        foreach ($plan->parts as $its) {
            array_push($all, ...($its->id === $part->id ? $runs : $its->demand->runs));
            array_push($cuts, ...$its->demand->cuts);
        }
        $plans = $this->planner->plan(
            array_values(array_filter($all, fn (Run $run): bool => isset($supplies[$run->strands[0]]))),
            array_values(array_filter($cuts, fn (Cut $cut): bool => isset($supplies[$cut->material]))),
            $supplies,
            $effort,
        );

        return array_filter($plans, fn (RollPlan $rolls): bool => $rolls->unmet !== []) === [];
    }

    /** @return list<Run> its runs, the last of them so many elements longer */
    private static function longerBy(Part $part, int $more): array
    {
        $runs = $part->demand->runs;
        $last = array_pop($runs) ?? throw new \LogicException('It is made of runs.');
        $end = $last->steps[count($last->steps) - 1];
        $steps = $last->steps;
        for ($number = 1; $number <= $more; $number++) {
            $steps[] = new Step(
                new Element("$part->id.more-$number", $part->id, count($part->demand->elements) + $number, [$end->to]),
                $end->to,
                $end->to,
                Length::zero(),
                $end->pitch,
            );
        }

        return [...$runs, $last->with($steps)];
    }

    /**
     * The rolls that are opened and what is open already, of every material that is tied together with those of a part.
     *
     * @return array<string, Supply> by the id of the material
     */
    private static function supplies(Plan $plan, Part $part, Result $result): array
    {
        $tied = array_flip(array_merge(...array_map(fn (Run $run): array => $run->strands, $part->demand->runs)));
        do {
            $before = count($tied);
            foreach ($plan->parts as $its) {
                foreach ($its->demand->runs as $run) {
                    $tied += array_intersect_key($tied, array_flip($run->strands)) === [] ? [] : array_flip($run->strands);
                }
            }
        } while (count($tied) > $before);
        $supplies = [];
        foreach ($result->wound as $mesh) {
            if (isset($tied[$mesh->wound->id])) {
                $supplies[$mesh->wound->id] = $mesh->plan->opens();
            }
        }

        return $supplies;
    }

    /**
     * How many elements more could be made if nothing were lost.
     *
     * @param  array<string, Supply>  $supplies
     */
    private static function mostMore(Run $run, array $supplies): int
    {
        $pitch = max(1, $run->steps[count($run->steps) - 1]->pitch->units);
        $of = fn (string $material): int => intdiv(
            $supplies[$material]->together()->units,
            $pitch * count(array_keys($run->strands, $material, true)),
        );

        return min(Part::MOST_PIECES, ...array_map($of, $run->strands));
    }

    /**
     * The largest number that will do, where every smaller one does too.
     *
     * @param  int  $least  which does
     * @param  callable(int): bool  $does
     */
    private static function most(int $least, int $most, callable $does): int
    {
        while ($least < $most) {
            $middle = intdiv($least + $most + 1, 2);
            [$least, $most] = $does($middle) ? [$middle, $most] : [$least, $middle - 1];
        }

        return $least;
    }
}
