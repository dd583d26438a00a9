<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Part\HoldsItself;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;
use Davrin\Core\Ties\Fastening;
use Davrin\Core\Ties\TieGroup;
use Davrin\Core\Words\Words;

/** Ties of which all that stands on them is held by something it brings: their stems are for nothing. */
final readonly class TiesHoldNothing implements Rule
{
    public const RULE = 'idle-ties';

    public function look(Plan $plan, Result $result): array
    {
        return array_values(array_filter(array_map(
            fn (TieGroup $group): ?Warning => $group->fastening === Fastening::None ? null : self::warning($plan, $group),
            $plan->ties->groups,
        )));
    }

    private static function warning(Plan $plan, TieGroup $group): ?Warning
    {
        [$idle, $parts] = [[], []];
        foreach ($group->ties() as $tie) {
            $its = array_filter($plan->parts, fn (Part $part): bool => in_array($tie, $part->on->ties(), true));
            if ($its !== [] && array_filter($its, fn (Part $part): bool => ! self::holdsItself($part)) === []) {
                $idle[] = $tie->number;
                $parts += $its;
            }
        }
        if ($idle === []) {
            return null;
        }
        $parts = array_values($parts);
        $nouns = array_unique(array_map(fn (Part $part): string => $part->kind->noun()[1], $parts));

        return new Warning(
            self::RULE,
            "parts.{$parts[0]->id}",
            [],
            'Their ties hold nothing.',
            sprintf(
                '%s %s %s, and the %s there are held by what they bring.',
                ucfirst(Words::ties($idle)),
                count($idle) === 1 ? 'takes' : 'each take',
                $group->fastening->words(),
                Words::list(array_values($nouns)),
            ),
            $idle,
            fn (): array => self::proposals($group, $parts, count($idle) === count($group->ties())),
        );
    }

    private static function holdsItself(Part $part): bool
    {
        return $part->kind instanceof HoldsItself && $part->kind->holdsItself($part->on);
    }

    /**
     * @param  list<Part>  $parts
     * @return list<Proposal>
     */
    private static function proposals(TieGroup $group, array $parts, bool $areAll): array
    {
        $fill = [];
        foreach ($parts as $part) {
            foreach ($part->kind instanceof HoldsItself ? $part->kind->heldByTies() : [] as $blank => $value) {
                $fill[strtr($blank, ['part.' => "parts.$part->id.", 'ties.' => "ties.$group->id."])] = $value;
            }
        }

        return [
            ...($areAll && $group->fastening->isMade()
                ? [Proposal::filling(['Make no ties beforehand', ["ties.$group->id.stem" => Fastening::None->value]])]
                : []),
            ...($fill === [] ? [] : [Proposal::filling(['Let the ties hold them', $fill])]),
        ];
    }
}
