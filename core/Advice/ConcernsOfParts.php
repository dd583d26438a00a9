<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Concern\Concern;
use Davrin\Core\Estimate\TiesUsed;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;

/** Concerns that the kinds of part and the orders of colours raise themselves. */
final readonly class ConcernsOfParts implements Rule
{
    /** Where the ends of an order of colours meet alike. */
    private const SEAM = 'seam';

    public function look(Plan $plan, Result $result): array
    {
        [$warnings, $behind] = [[], TiesUsed::numbers(TiesUsed::of($plan)->behind)];
        foreach ($plan->parts as $part) {
            foreach ($part->concerns() as $concern) {
                if (! self::isHidden($part, $concern, $behind)) {
                    $warnings[] = self::warning($plan, $part, $concern, $behind);
                }
            }
        }

        return $warnings;
    }

    /**
     * Two that meet alike are not seen where one of them lies behind a sign.
     *
     * @param  list<int>  $behind
     */
    private static function isHidden(Part $part, Concern $concern, array $behind): bool
    {
        return $behind !== [] && ($concern->rule === self::SEAM
            ? array_intersect($concern->ties, $behind) !== []
            : DoublesBehindTheSign::of($part, $concern)?->areHidden($behind) ?? false);
    }

    /** @param  list<int>  $behind  numbers of the ties that a sign hides */
    private static function warning(Plan $plan, Part $part, Concern $concern, array $behind): Warning
    {
        return new Warning(
            $concern->rule,
            "parts.$part->id",
            [],
            $concern->title,
            $concern->sentence,
            $concern->ties,
            fn (): array => [
                ...($behind === [] ? [] : self::behindTheSign($plan, $part, $concern, $behind)),
                ...array_map(
                    fn (string $label, array $written): Proposal => Proposal::filling([$label, self::filled($part, $written)]),
                    array_keys($concern->remedies),
                    $concern->remedies,
                ),
            ],
            $concern->otherwise,
        );
    }

    /**
     * Doubles turned to where the sign is, or the count begun elsewhere, so that its ends meet there.
     *
     * @param  list<int>  $behind
     * @return list<Proposal>
     */
    private static function behindTheSign(Plan $plan, Part $part, Concern $concern, array $behind): array
    {
        if ($concern->rule !== self::SEAM) {
            $turned = DoublesBehindTheSign::of($part, $concern)?->turned($behind);

            return $turned === null ? [] : [$turned];
        }
        $starts = array_diff(range(1, $plan->form->starts()), [$plan->formSlip->count('startAt')]);

        return array_values(array_map(fn (int $start): Proposal => Proposal::filling([
            "Begin the count at place $start, so that its ends meet behind the sign",
            ['form.startAt' => (string) $start],
        ]), $starts));
    }

    /**
     * @param  array<string, string>  $written  in blanks of the part, or of another slip by its address
     * @return array<string, string>
     */
    private static function filled(Part $part, array $written): array
    {
        return array_combine(
            array_map(fn (string $key): string => str_contains($key, '.') ? $key : "parts.$part->id.$key", array_keys($written)),
            array_values($written),
        );
    }
}
