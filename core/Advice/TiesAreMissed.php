<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Estimate\TiesUsed;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;
use Davrin\Core\Ties\Fastening;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Ties\TieRow;
use Davrin\Core\Words\Words;

/**
 * A tie that was made and carries nothing is found when the piece is done. It was missed where it is one of few in a row: most of a row
 * left out, or every second tie, is meant (docs/craft-figures.md).
 */
final readonly class TiesAreMissed implements Rule
{
    public const RULE = 'missed-ties';

    /** Up to this part of a row may have been missed. */
    private const FEW = 0.25;

    public function look(Plan $plan, Result $result): array
    {
        $ties = TiesUsed::of($plan);
        $bare = [...$ties->bare, ...self::missedBehind($ties)];
        $warnings = [];
        foreach ($plan->ties->groups as $group) {
            $missed = $group->fastening === Fastening::None ? [] : array_merge(
                ...array_map(fn (TieRow $row): array => self::missed($row, $bare), $group->rows),
            );
            $part = $missed === [] ? null : self::partBeside($plan, $group->id);
            if ($part !== null) {
                $warnings[] = self::warning($part, TiesUsed::numbers($missed));
            }
        }

        return $warnings;
    }

    /**
     * @param  list<Tie>  $bare
     * @return list<Tie>
     */
    private static function missed(TieRow $row, array $bare): array
    {
        $missed = array_values(array_filter($row->ties, fn (Tie $tie): bool => in_array($tie, $bare, true)));

        return count($missed) <= self::FEW * count($row->ties) ? $missed : [];
    }

    /**
     * Behind a sign ties are left bare on purpose; a single one among many that carry something was missed there too.
     *
     * @return list<Tie>
     */
    private static function missedBehind(TiesUsed $ties): array
    {
        $bare = array_values(array_filter($ties->behind, fn (Tie $tie): bool => ! in_array($tie, $ties->used, true)));

        return count($bare) <= self::FEW * count($ties->behind) ? $bare : [];
    }

    /** The part that stands on most ties of a layout. */
    private static function partBeside(Plan $plan, string $group): ?Part
    {
        $parts = array_filter($plan->parts, fn (Part $part): bool => $part->on->group?->id === $group);
        usort($parts, fn (Part $a, Part $b): int => count($b->on->ties()) <=> count($a->on->ties()));

        return $parts[0] ?? null;
    }

    /** @param  non-empty-list<int>|list<int>  $missed */
    private static function warning(Part $part, array $missed): Warning
    {
        return new Warning(
            self::RULE,
            "parts.$part->id",
            [],
            count($missed) === 1 ? 'A tie is left bare.' : 'Ties are left bare.',
            sprintf('%s %s nothing.', ucfirst(Words::ties($missed)), count($missed) === 1 ? 'carries' : 'carry'),
            $missed,
            function () use ($part, $missed): array {
                $all = [...TiesUsed::numbers($part->on->ties()), ...$missed];

                return [
                    Proposal::filling(['Put one on every tie', ["parts.$part->id.on" => 'every tie']]),
                    Proposal::filling(['Put one on '.Words::ties($missed).' too', ["parts.$part->id.on" => Words::ties($all)]]),
                ];
            },
            'Make fewer ties, or put something there.',
        );
    }
}
