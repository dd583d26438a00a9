<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Concern\Concern;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;

/** Concerns that the kinds of part and the orders of colours raise themselves. */
final readonly class ConcernsOfParts implements Rule
{
    public function look(Plan $plan, Result $result): array
    {
        return array_merge(...array_map(
            fn (Part $part): array => array_map(fn (Concern $concern): Warning => self::warning($part, $concern), $part->concerns()),
            $plan->parts,
        ));
    }

    private static function warning(Part $part, Concern $concern): Warning
    {
        return new Warning(
            $concern->rule,
            "parts.$part->id",
            [],
            $concern->title,
            $concern->sentence,
            $concern->ties,
            fn (): array => array_map(
                fn (string $label, array $written): Proposal => Proposal::filling([$label, self::filled($part, $written)]),
                array_keys($concern->remedies),
                $concern->remedies,
            ),
            $concern->otherwise,
        );
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
