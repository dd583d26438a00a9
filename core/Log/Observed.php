<?php

declare(strict_types=1);

namespace Davrin\Core\Log;

use Davrin\Core\Compute\Work;
use Davrin\Core\Demand\BuildStep;
use Davrin\Core\Estimate\Estimates;
use Davrin\Core\Estimate\FullnessEstimate;
use Davrin\Core\Learned\Scope;
use Davrin\Core\Learned\Subject;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Design;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;

/** What one piece teaches: each thing that was measured of it, beside the starting guess, with what it holds for. */
final class Observed
{
    /** A technique is blamed for how full a piece looks where it is so large a part of its mesh (a guess). */
    private const MOSTLY = 0.75;

    /**
     * @param  Plan  $plan  as it was made, with starting guesses
     * @return list<Observation>
     */
    public static function of(Plan $plan, Result $result, Made $made): array
    {
        return [
            ...self::size($plan, $made),
            ...self::depth($plan, $made),
            ...self::minutes($made),
            ...self::fullness($plan, $made),
            ...self::rolls($made),
            ...self::waste($plan, $result, $made),
        ];
    }

    /**
     * The kinds of work that a plan takes, with how long each is guessed and said to take.
     *
     * @param  Plan  $plan  with starting guesses
     * @param  Result  $guessed  of that
     * @param  Result  $said  of the same plan with what was learned then
     * @param  int  $copies  that they are told for, all together
     * @return list<WorkTime>
     */
    public static function work(Plan $plan, Result $guessed, Result $said, int $copies = 1): array
    {
        $minutes = array_column(array_map(fn (BuildStep $step): array => [$step->key, $step->minutes], $said->build), 1, 0);
        $times = [];
        foreach ($guessed->build as $step) {
            $work = $step->minutes > 0.0 ? Work::of($plan, $step) : null;
            if ($work !== null) {
                $key = $work->scope->key();
                $before = $times[$key] ?? new WorkTime($work->scope, $work->words, 0, 0.0, 0.0);
                $times[$key] = new WorkTime(
                    $work->scope,
                    $work->words,
                    $before->count + Work::count($plan, $step) * $copies,
                    $before->guess + $step->minutes * $copies,
                    $before->said + ($minutes[$step->key] ?? $step->minutes) * $copies,
                );
            }
        }

        return array_values($times);
    }

    /** @return array<string, Length> what is used of each material that is cut, for all copies, by its id */
    public static function used(Result $result, int $copies): array
    {
        return array_filter(
            array_column(array_map(fn ($its): array => [$its->wound->id, $its->plan->used()->times($copies)], $result->wound), 1, 0),
            fn (Length $used): bool => $used->isPositive(),
        );
    }

    /** @return list<Observation> */
    private static function size(Plan $plan, Made $made): array
    {
        $told = SizeTold::of($plan, $made);

        return $told === null ? [] : self::ofBoth($plan, Subject::Reach, $told->bears, $told->bears->size->reach, $told->factor);
    }

    /** @return list<Observation> */
    private static function depth(Plan $plan, Made $made): array
    {
        $estimates = new Estimates($plan, $plan->parts);
        $deepest = $estimates->deepest();
        $own = ($made->depth?->toInches() ?? 0.0) - $estimates->furtherLayers();

        return $deepest === null || $own <= 0.0
            ? []
            : self::ofBoth($plan, Subject::Depth, $deepest, $deepest->size->depth, $own / $deepest->size->depth);
    }

    /** @return list<Observation> of what bears it, and of this design by itself */
    private static function ofBoth(Plan $plan, Subject $subject, Part $bears, float $guess, float $factor): array
    {
        return [
            new Observation($subject, $bears->bearsOn(), $bears->kind->noun()[1], $guess, $guess * $factor),
            new Observation($subject, new Scope(Design::of($plan->form, $plan->parts)), $plan->name(), $guess, $guess * $factor),
        ];
    }

    /** @return list<Observation> */
    private static function minutes(Made $made): array
    {
        $timed = array_filter($made->times, fn (WorkTime $time): bool => $time->took !== null && $time->guess > 0.0);

        return array_values(array_map(fn (WorkTime $time): Observation => new Observation(
            Subject::Minutes,
            $time->scope,
            $time->words,
            $time->guess / max(1, $time->count),
            (float) $time->took / max(1, $time->count),
        ), $timed));
    }

    /** @return list<Observation> none where several techniques share in it */
    private static function fullness(Plan $plan, Made $made): array
    {
        $fills = array_values(array_filter($plan->parts, fn (Part $part): bool => $part->kind->fullness() !== null));
        if ($made->verdict === Verdict::Unsaid || $fills === []) {
            return [];
        }
        $all = FullnessEstimate::of($plan, $fills);
        foreach ($fills as $part) {
            $of = array_values(array_filter($fills, fn (Part $its): bool => $its->kind->key() === $part->kind->key()));
            if (FullnessEstimate::of($plan, $of)->ofLeast / max($all->ofLeast, 1e-9) < self::MOSTLY) {
                continue;
            }
            [$thin, $full] = FullnessEstimate::bounds($plan, $part);
            // Others that fill a little count as much of this one as they make up for.
            [$amount, $spine] = [$all->ofLeast * $thin, FullnessEstimate::ofSpine($plan, 1.0)];
            $words = $part->kind->noun()[1];

            return [
                new Observation(Subject::Thin, $part->bearsOn(), $words, $thin, $amount, $made->verdict->value),
                new Observation(
                    Subject::Full,
                    $part->bearsOn(),
                    $words,
                    $full / $spine,
                    $all->ofMost * $full / $spine,
                    $made->verdict->value,
                ),
            ];
        }

        return [];
    }

    /** @return list<Observation> */
    private static function rolls(Made $made): array
    {
        $measured = array_filter($made->rolls, fn (RollTruth $roll): bool => $roll->held !== null && $roll->label->isPositive());

        return array_values(array_map(fn (RollTruth $roll): Observation => new Observation(
            Subject::Shortfall,
            $roll->scope,
            $roll->words,
            $roll->label->toInches(),
            $roll->held?->toInches() ?? 0.0,
        ), $measured));
    }

    /** @return list<Observation> of each material that somebody looked at */
    private static function waste(Plan $plan, Result $result, Made $made): array
    {
        [$observed, $used] = [[], self::used($result, $made->copies)];
        foreach ($result->wound as $its) {
            $spoiled = $made->spoiled[$its->wound->id] ?? null;
            if ($spoiled !== null && isset($used[$its->wound->id])) {
                $observed[] = new Observation(
                    Subject::Waste,
                    $plan->wasteOf($its->wound),
                    $its->wound->name(),
                    $used[$its->wound->id]->toInches(),
                    $spoiled->toInches(),
                );
            }
        }

        return $observed;
    }
}
