<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Concern\Concern;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Advice;
use Davrin\Core\Result\Result;

/** Concerns that the kinds of part and the orders of colours raise themselves. */
final readonly class ConcernsOfParts implements Rule
{
    public function __construct(private Trial $trial) {}

    public function look(Plan $plan, Result $result): array
    {
        return array_merge(...array_map(
            fn (Part $part): array => array_map(
                fn (Concern $doubt): Advice => $this->advice($plan, $result, $part, $doubt),
                $part->concerns(),
            ),
            $plan->parts,
        ));
    }

    private function advice(Plan $plan, Result $result, Part $part, Concern $doubt): Advice
    {
        $remedies = [];
        foreach ($doubt->remedies as $label => $written) {
            $fill = array_combine(
                array_map(fn (string $key): string => str_contains($key, '.') ? $key : "parts.$part->id.$key", array_keys($written)),
                array_values($written),
            );
            if ($this->trial->edited($plan, $fill) !== null) {
                $remedies[] = $this->trial->remedy($plan, $result, $label, $fill, []);
            }
        }

        return new Advice(
            $doubt->rule,
            "parts.$part->id",
            [],
            $doubt->title,
            $doubt->sentence,
            $doubt->ties,
            array_values(array_filter($remedies)),
        );
    }
}
