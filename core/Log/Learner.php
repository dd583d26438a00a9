<?php

declare(strict_types=1);

namespace Davrin\Core\Log;

use Closure;
use Davrin\Core\Learned\LearnedFigure;
use Davrin\Core\Learned\LearnedFigures;
use Davrin\Core\Learned\Scope;
use Davrin\Core\Learned\Subject;

/**
 * Learns from all that was measured. Minutes, reach and depth are medians of how many times the starting guess came: half of all values
 * would have to be slips before a median follows them. The allowance for short rolls is the worst roll that is no slip, as a median would
 * leave half of the rolls short. Waste is a mean without its ends, as most pieces waste nothing and a median would say so of all. The
 * bounds of fullness are those that contradict the fewest verdicts (docs/craft-figures.md, What the log teaches).
 */
final class Learner
{
    /** A multiple of the starting guess so far off is no slip yet, however close the others lie (guesses). */
    private const SLACK = 0.25;

    /** Percent of a roll; of waste, percent of what is used. */
    private const SLACK_PERCENT = 5.0;

    /** An allowance rounds up to the tenth of a percent; what is not even a millionth more is the same. */
    private const TENTHS = 10;

    private const SAME = 1e-6;

    /**
     * @param  array<int, list<Observation>>  $pieces  what was measured of each, by any number that tells them apart
     * @return list<Lesson> for every scope that something was measured of, the widest first; a narrower one only where it rests on less
     */
    public static function learn(array $pieces): array
    {
        return self::withoutRepeats(self::lessons(self::groups($pieces)));
    }

    /**
     * What each piece would have been told had it not been made: what all others teach.
     *
     * @param  array<int, list<Observation>>  $pieces  by their ids
     * @return Closure(int): LearnedFigures of a piece, by its id
     */
    public static function leavingOut(array $pieces): Closure
    {
        $groups = self::groups($pieces);
        $lessons = self::lessons($groups);

        return function (int $piece) use ($groups, $lessons): LearnedFigures {
            // Only what it took part in is learned anew.
            $touched = array_filter($groups, fn (array $group): bool => isset($group[2][$piece]));
            $left = array_map(fn (array $group): array => [$group[0], $group[1], array_diff_key($group[2], [$piece => 1])], $touched);

            return self::figures(self::withoutRepeats(self::lessons($left) + array_diff_key($lessons, $touched)), []);
        };
    }

    /**
     * @param  array<int, list<Observation>>  $pieces
     * @return array<string, array{Scope, int, array<int, non-empty-list<Observation>>}> by subject and scope, each with how narrow it
     *                                                                                   is and with what each piece says of it
     */
    private static function groups(array $pieces): array
    {
        $groups = [];
        foreach ($pieces as $piece => $observed) {
            foreach ($observed as $its) {
                foreach (array_reverse($its->scope->widening()) as $wide => $scope) {
                    $key = "{$its->subject->value}|{$scope->key()}";
                    $groups[$key] ??= [$scope, $wide, []];
                    $groups[$key][2][$piece][] = $its;
                }
            }
        }

        return $groups;
    }

    /**
     * @param  array<string, array{Scope, int, array<int, non-empty-list<Observation>>}>  $groups
     * @return array<string, array{int, Lesson, int}> each with how narrow it is, and how many observations it rests on
     */
    private static function lessons(array $groups): array
    {
        $lessons = [];
        foreach ($groups as $key => [$scope, $wide, $its]) {
            $observed = array_merge(...array_map(self::byPiece(...), array_values($its)));
            if ($observed !== []) {
                $lessons[$key] = [$wide, self::lesson($scope, $observed), array_sum(array_map(count(...), $its))];
            }
        }

        return $lessons;
    }

    /**
     * However many kinds of mesh one piece was made of, it says a thing once: all it says of it taken together. Rolls are counted by
     * themselves.
     *
     * @param  non-empty-list<Observation>  $observed  of one piece
     * @return non-empty-list<Observation>
     */
    private static function byPiece(array $observed): array
    {
        $count = count($observed);

        return $count === 1 || $observed[0]->subject === Subject::Shortfall ? $observed : [new Observation(
            $observed[0]->subject,
            $observed[0]->scope,
            $observed[0]->words,
            array_sum(array_map(fn (Observation $its): float => $its->guess, $observed)) / $count,
            array_sum(array_map(fn (Observation $its): float => $its->real, $observed)) / $count,
            $observed[0]->verdict,
        )];
    }

    /**
     * What is used from now on: what enough pieces say, and before all what the maker holds.
     *
     * @param  list<Lesson>  $lessons
     * @param  list<LearnedFigure>  $held
     */
    public static function figures(array $lessons, array $held): LearnedFigures
    {
        $figures = array_values(array_filter(array_map(fn (Lesson $lesson): ?LearnedFigure => $lesson->figure(), $lessons)));
        // Of more than a plan file holds, those that rest on most.
        usort($figures, fn (LearnedFigure $a, LearnedFigure $b): int => $b->from <=> $a->from);

        return LearnedFigures::of([...array_slice($figures, 0, max(0, LearnedFigures::MOST - count($held))), ...$held]);
    }

    /**
     * A narrower scope that rests on the very same observations as a wider one says nothing of its own.
     *
     * @param  array<string, array{int, Lesson, int}>  $lessons  by subject and scope
     * @return list<Lesson>
     */
    private static function withoutRepeats(array $lessons): array
    {
        $own = array_filter($lessons, function (array $its) use ($lessons): bool {
            foreach (array_slice($its[1]->scope->widening(), 1) as $wider) {
                $other = $lessons["{$its[1]->subject->value}|{$wider->key()}"][2] ?? null;
                if ($other === $its[2]) {
                    return false;
                }
            }

            return true;
        });
        uasort($own, fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column($own, 1);
    }

    /** @param  non-empty-list<Observation>  $observed */
    private static function lesson(Scope $scope, array $observed): Lesson
    {
        return match (true) {
            in_array($observed[0]->subject, [Subject::Thin, Subject::Full], true) => self::bound($scope, $observed),
            $observed[0]->subject->isPercent() => self::percent($scope, $observed),
            default => self::factor($scope, $observed),
        };
    }

    /** @param  non-empty-list<Observation>  $observed */
    private static function factor(Scope $scope, array $observed): Lesson
    {
        $typical = Typical::of(array_map(fn (Observation $its): float => $its->value(), $observed), self::SLACK);
        // What differs from piece to piece, as the reach of wide and narrow mesh, is told of a usual one.
        $guess = Typical::of(array_map(fn (Observation $its): float => $its->guess, $observed), 0.0)->median;
        [$low, $high] = $typical->middleHalf();
        $factor = round($typical->median, 6);

        return new Lesson(
            $observed[0]->subject,
            $scope,
            $observed[0]->words,
            $guess,
            $guess * $factor,
            $factor,
            count($observed),
            Sureness::of(count($observed), $typical->scatter / max($typical->median, self::SAME)),
            [$guess * $low, $guess * $high],
            self::slips($typical, $guess),
        );
    }

    /** @param  non-empty-list<Observation>  $observed */
    private static function percent(Scope $scope, array $observed): Lesson
    {
        $isShortfall = $observed[0]->subject === Subject::Shortfall;
        $typical = Typical::of(array_map(fn (Observation $its): float => $its->value(), $observed), self::SLACK_PERCENT);
        $kept = $typical->kept();
        $percent = self::upToTheTenth($isShortfall ? max($kept === [] ? [$typical->median] : $kept) : $typical->trimmedMean());

        return new Lesson(
            $observed[0]->subject,
            $scope,
            $isShortfall ? ($scope->source === '' ? 'all rolls' : $scope->source) : $observed[0]->words,
            0.0,
            $percent,
            $percent,
            count($observed),
            Sureness::of(count($observed), $typical->scatter / 100),
            $typical->middleHalf(),
            self::slips($typical, 1.0),
        );
    }

    /** @param  non-empty-list<Observation>  $observed */
    private static function bound(Scope $scope, array $observed): Lesson
    {
        [$bound, $wrong] = FullnessBound::of($observed);
        $amounts = Typical::of(array_map(fn (Observation $its): float => $its->real, $observed), 0.0);

        return new Lesson(
            $observed[0]->subject,
            $scope,
            $observed[0]->words,
            $observed[0]->guess,
            $bound,
            $bound,
            count($observed),
            Sureness::of(count($observed), $wrong / count($observed)),
            $amounts->middleHalf(),
        );
    }

    /** @return list<float> in the unit of the guess */
    private static function slips(Typical $typical, float $guess): array
    {
        return array_values(array_map(
            fn (float $value): float => $value * $guess,
            array_filter($typical->values, $typical->isSlip(...)),
        ));
    }

    private static function upToTheTenth(float $percent): float
    {
        return ceil($percent * self::TENTHS - self::SAME) / self::TENTHS;
    }
}
