<?php

declare(strict_types=1);

namespace Davrin\Core\Log;

use Davrin\Core\Learned\LearnedFigures;
use Davrin\Core\Learned\Subject;

/**
 * How good estimates were: what the starting guesses said of each piece and what all other pieces together would have said of it, both
 * beside what came. A piece is never held against what it taught itself.
 */
final class Accuracy
{
    /** Pieces further back are not looked at. */
    public const MOST = 60;

    /**
     * @param  list<Past>  $pieces  the latest last
     * @return list<Compared> of what anything was measured of
     */
    public static function of(array $pieces): array
    {
        $points = array_fill_keys(array_column(Compares::cases(), 'value'), []);
        $told = Learner::leavingOut(array_column(array_map(fn (Past $its): array => [$its->id, $its->observed], $pieces), 1, 0));
        foreach (array_slice($pieces, -self::MOST) as $piece) {
            foreach (self::ofOne($piece, $told($piece->id)) as [$what, $real, $before, $after]) {
                $points[$what->value][] = [
                    'id' => $piece->id, 'name' => $piece->name, 'real' => $real, 'before' => $before, 'after' => $after,
                ];
            }
        }

        return array_values(array_filter(array_map(
            fn (Compares $what): ?Compared => $points[$what->value] === [] ? null : new Compared($what, $points[$what->value]),
            Compares::cases(),
        )));
    }

    /** @return list<array{Compares, float, float, float}> what came, and what was said of it before and after learning */
    private static function ofOne(Past $piece, LearnedFigures $learned): array
    {
        return [
            ...self::size($piece, $learned),
            ...self::minutes($piece, $learned),
            ...self::fullness($piece, $learned),
            ...self::rolls($piece, $learned),
        ];
    }

    /** @return list<array{Compares, float, float, float}> */
    private static function size(Past $piece, LearnedFigures $learned): array
    {
        if ($piece->size === null) {
            return [];
        }
        ['guess' => $guess, 'real' => $real, 'slope' => $slope] = $piece->size;
        $factor = 1.0;
        foreach ($piece->observed as $its) {
            // Of the design itself before all else, as a plan does.
            $figure = $its->subject === Subject::Reach ? self::value($its, $learned) : null;
            $factor = $figure !== null && ($factor === 1.0 || $its->scope->isOfDesign()) ? $figure : $factor;
        }

        return [[Compares::Size, $real, $guess, $guess + $slope * ($factor - 1.0)]];
    }

    /** @return list<array{Compares, float, float, float}> of all kinds of work together that were timed */
    private static function minutes(Past $piece, LearnedFigures $learned): array
    {
        $timed = array_filter($piece->times, fn (WorkTime $its): bool => $its->took !== null);
        if ($timed === []) {
            return [];
        }
        $sum = fn (callable $of): float => array_sum(array_map($of, $timed));

        return [[
            Compares::Minutes,
            $sum(fn (WorkTime $its): float => (float) $its->took),
            $sum(fn (WorkTime $its): float => $its->guess),
            $sum(fn (WorkTime $its): float => $its->guess * ($learned->find(
                Subject::Minutes, $its->scope->of, $its->scope->material, $its->scope->source,
            )->value ?? 1.0)),
        ]];
    }

    /** @return list<array{Compares, float, float, float}> -1 for thin, 0 for usual, 1 for very full */
    private static function fullness(Past $piece, LearnedFigures $learned): array
    {
        $of = fn (Subject $subject): ?Observation => array_values(array_filter(
            $piece->observed,
            fn (Observation $its): bool => $its->subject === $subject,
        ))[0] ?? null;
        [$thin, $full] = [$of(Subject::Thin), $of(Subject::Full)];
        if ($thin === null || $full === null) {
            return [];
        }
        $said = fn (float $least, float $most): float => match (true) {
            $thin->real < $least => -1.0,
            $full->real > $most => 1.0,
            default => 0.0,
        };

        return [[
            Compares::Fullness,
            match ($thin->verdict) {
                Verdict::Thin->value => -1.0,
                Verdict::VeryFull->value => 1.0,
                default => 0.0,
            },
            $said($thin->guess, $full->guess),
            $said(self::value($thin, $learned) ?? $thin->guess, self::value($full, $learned) ?? $full->guess),
        ]];
    }

    /** @return list<array{Compares, float, float, float}> in percent of the label */
    private static function rolls(Past $piece, LearnedFigures $learned): array
    {
        $rolls = array_values(array_filter($piece->observed, fn (Observation $its): bool => $its->subject === Subject::Shortfall));

        return array_map(fn (Observation $its, int $at): array => [
            Compares::Rolls,
            $its->value(),
            $piece->allowed[$at] ?? 0.0,
            self::value($its, $learned) ?? $piece->allowed[$at] ?? 0.0,
        ], $rolls, array_keys($rolls));
    }

    private static function value(Observation $its, LearnedFigures $learned): ?float
    {
        return $learned->find($its->subject, $its->scope->of, $its->scope->material, $its->scope->source)?->value;
    }
}
