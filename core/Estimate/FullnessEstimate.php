<?php

declare(strict_types=1);

namespace Davrin\Core\Estimate;

use Davrin\Core\Learned\LearnedFigure;
use Davrin\Core\Learned\Subject;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Units;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Words\Figure;
use LogicException;

/**
 * Square inches of mesh per inch of the form, along the line midway between the outermost and the innermost wire that is
 * used, in the sections that are filled (docs/craft-figures.md). Where kinds of part with other bounds are mixed, each part
 * counts as the part of its own bound that it makes.
 */
final class FullnessEstimate
{
    /** Both sides of a spine are filled, so that it bears half as much again (a guess). */
    private const ON_A_SPINE = 1.5;

    /** @param  list<Part>  $parts */
    public static function of(Plan $plan, array $parts): Fullness
    {
        $parts = array_values(array_filter($parts, fn (Part $part): bool => $part->kind->fullness() !== null));
        if ($parts === []) {
            return new Fullness(null, new Figure('fullness', '0', 'none', ['no layer that fills'], true));
        }
        $along = self::along($plan, $parts);
        [$thin, $full, $perInch, $because] = [0.0, 0.0, 0.0, []];
        foreach ($parts as $part) {
            [$least, $most] = self::bounds($plan, $part);
            $its = self::area($part) / $along;
            [$thin, $full, $perInch] = [$thin + $its / $least, $full + $its / $most, $perInch + $its];
            $because[] = sprintf('%s: %s', $part->kind->noun()[1], self::areaWords($part, $plan->units()));
        }
        $verdict = match (true) {
            $thin < 1 => 'thin',
            $full > 1 => 'very full',
            default => 'usual',
        };
        [$shown, $unit] = [
            number_format($perInch * $plan->units()->perInch(), 1, '.', ''),
            $plan->units() === Units::Inches ? 'sq in of mesh per inch of form' : 'sq cm of mesh per cm of form',
        ];

        return new Fullness($verdict, new Figure('fullness', number_format($perInch, 1, '.', ''), "fullness $shown, $verdict", [
            ...$because,
            sprintf('along %s: %s %s', $plan->units()->place(Length::nearInches($along)), $shown, $unit),
            self::boundWords($plan, $parts, $perInch / $thin, $perInch / $full).' ('.self::boundsFrom($plan, $parts).')',
        ], true, "fullness $shown"), "$shown $unit", $thin, $full);
    }

    /**
     * Below the first a part is thin, above the second very full, in square inches of mesh per inch of the form: as the log says, else
     * as is guessed.
     *
     * @return array{float, float}
     */
    public static function bounds(Plan $plan, Part $part): array
    {
        [$least, $most] = $part->kind->fullness() ?? throw new LogicException('A layer that fills has bounds.');
        [$thin, $full] = self::learnedBounds($plan, $part);
        $least = $thin->value ?? (float) $least;

        return [$least, self::ofSpine($plan, max($full->value ?? (float) $most, $least))];
    }

    /** What is very full on a spine, both sides of which are filled. */
    public static function ofSpine(Plan $plan, float $full): float
    {
        return $full * ($plan->form->isSpine ? self::ON_A_SPINE : 1.0);
    }

    /** @return array{?LearnedFigure, ?LearnedFigure} */
    private static function learnedBounds(Plan $plan, Part $part): array
    {
        if (! $plan->learned->knows(Subject::Thin, Subject::Full)) {
            return [null, null];
        }
        $on = $part->bearsOn();

        return array_map(
            fn (Subject $subject): ?LearnedFigure => $plan->learned->find($subject, $on->of, $on->material, $on->source),
            [Subject::Thin, Subject::Full],
        );
    }

    /**
     * Where the bounds come from: "starting guesses", "below which: learned from 6 pieces; above which: a starting guess".
     *
     * @param  non-empty-list<Part>  $parts
     */
    private static function boundsFrom(Plan $plan, array $parts): string
    {
        $from = [];
        foreach ($parts as $part) {
            $learned = self::learnedBounds($plan, $part);
            [$thin, $full] = array_map(fn (?LearnedFigure $its): string => $its?->words() ?? 'a starting guess', $learned);
            $from[] = match (true) {
                $learned === [null, null] => 'starting guesses',
                $thin === $full => "both $thin",
                default => "the first $thin, the second $full",
            };
        }
        $from = array_values(array_unique($from));

        return implode('; ', $from);
    }

    /**
     * How long the form is where it is filled, in inches.
     *
     * @param  non-empty-list<Part>  $parts
     */
    private static function along(Plan $plan, array $parts): float
    {
        $ties = array_merge(...array_map(fn (Part $part): array => $part->on->ties(), $parts));
        $every = range(1, $plan->form->frame->wires());
        $wires = array_merge(...array_map(fn (Tie $tie): array => $tie->seat->isCrossbar() ? $every : $tie->seat->wires(), $ties));
        if ($wires === []) {
            return 1.0;
        }
        $sections = array_values(array_unique(array_map(fn (Tie $tie): int => $tie->section, $ties)));

        return max(1.0, $plan->form->sections->midwayLength(min($wires), max($wires), $sections));
    }

    /** In square inches of plain mesh. */
    private static function area(Part $part): float
    {
        return array_sum(
            array_map(
                fn (Wound $mesh): float => LengthTaken::standing($part, $mesh)->toInches() * $mesh->width()->toInches() * $mesh->fills(),
                $part->on->wound(),
            ),
        );
    }

    private static function areaWords(Part $part, Units $units): string
    {
        return implode(' + ', array_map(fn (Wound $mesh): string => sprintf(
            '%s x %s wide%s', $units->exact(LengthTaken::standing($part, $mesh)), $units->exact($mesh->width()), $mesh->fills() === 1.0
                ? ''
                : sprintf(' x %s for %s', $mesh->fills(), $mesh->slip->show('body', $units)),
        ), $part->on->wound()));
    }

    /** @param  non-empty-list<Part>  $parts */
    private static function boundWords(Plan $plan, array $parts, float $thin, float $full): string
    {
        $one = count(
            array_unique(array_map(fn (Part $part): string => json_encode(self::bounds($plan, $part), JSON_THROW_ON_ERROR), $parts)),
        ) === 1;

        return sprintf(
            '%sthin below %s, very full above %s',
            $one ? '' : 'mixed as they are, ',
            self::shown($thin, $plan->units()),
            self::shown($full, $plan->units()),
        );
    }

    private static function shown(float $perInch, Units $units): string
    {
        return LengthText::decimal((int) round($perInch * $units->perInch() * 10), 10, 1);
    }
}
