<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Estimate\TiesUsed;
use Davrin\Core\Part\HidesWhatIsBehind;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Words\Words;

/** What is tied behind a sign is not seen: those ties can stay bare. */
final readonly class BehindTheSign implements Rule
{
    public const RULE = 'behind-the-sign';

    public function look(Plan $plan, Result $result): array
    {
        $warnings = [];
        foreach ($plan->parts as $sign) {
            $behind = $sign->kind instanceof HidesWhatIsBehind ? self::behind($plan, $sign->kind, $sign) : [];
            $parts = $behind === [] ? [] : self::partsThere($plan, $behind);
            if ($parts !== []) {
                $warnings[] = self::warning($sign, $parts, $behind);
            }
        }

        return $warnings;
    }

    /** @return list<int> */
    private static function behind(Plan $plan, HidesWhatIsBehind $kind, Part $sign): array
    {
        $board = $kind->board($sign->on);
        $ties = array_filter($plan->ties->all(), fn (Tie $tie): bool => $board->holds($tie->place->point()));

        return TiesUsed::numbers(array_values($ties));
    }

    /**
     * Parts of single pieces that stand on such a tie and on others too. Mesh that runs on from tie to tie goes past them all.
     *
     * @param  list<int>  $behind
     * @return list<Part>
     */
    private static function partsThere(Plan $plan, array $behind): array
    {
        return array_values(array_filter($plan->parts, function (Part $part) use ($behind): bool {
            $ties = TiesUsed::numbers($part->on->ties());

            $there = count(array_intersect($ties, $behind));

            // A sign that runs along the piece is framed by what is tied behind it.
            return $part->demand->runs === [] && $there > 0 && $there <= count($ties) / 2;
        }));
    }

    /**
     * @param  non-empty-list<Part>  $parts
     * @param  list<int>  $behind
     */
    private static function warning(Part $sign, array $parts, array $behind): Warning
    {
        $there = array_values(array_unique(array_merge(...array_map(
            fn (Part $part): array => array_values(array_intersect($behind, TiesUsed::numbers($part->on->ties()))),
            $parts,
        ))));
        $nouns = array_values(array_unique(array_map(fn (Part $part): string => $part->kind->noun()[1], $parts)));

        return new Warning(
            self::RULE,
            "parts.$sign->id",
            [],
            'Hidden by the sign.',
            sprintf('The %s on %s lie behind the sign, where nobody sees them.', Words::list($nouns), Words::ties($there)),
            $there,
            function () use ($parts, $behind): iterable {
                yield self::bare('Leave those ties bare', $parts, $behind);
                foreach (count($parts) > 1 ? $parts : [] as $part) {
                    yield self::bare("Leave out the {$part->kind->noun()[1]} there", [$part], $behind);
                }
            },
        );
    }

    /**
     * @param  non-empty-list<Part>  $parts
     * @param  list<int>  $behind
     */
    private static function bare(string $label, array $parts, array $behind): Proposal
    {
        $fill = [];
        foreach ($parts as $part) {
            $fill["parts.$part->id.on"] = Words::ties(array_values(array_diff(TiesUsed::numbers($part->on->ties()), $behind)));
        }

        return Proposal::filling([$label, $fill]);
    }
}
