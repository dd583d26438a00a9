<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Part\EndsSooner;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Advice;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Roll\RollOutcome;

/**
 * Strands of one mesh are tied together and end where their rolls end, so each set of rolls leaves a rest. If the strands ended
 * sooner, fewer rolls would be enough.
 */
final readonly class StrandsCouldEndSooner implements Rule
{
    public function __construct(private Trial $trial) {}

    public function look(Plan $plan, Result $result): array
    {
        return array_values(array_filter(array_map(fn (Part $part): ?Advice => $this->advice($plan, $result, $part), $plan->parts)));
    }

    private function advice(Plan $plan, Result $result, Part $part): ?Advice
    {
        $run = $part->demand->runs[0] ?? null;
        $doubled = $run === null || ! $run->together || $run->sooner
            ? []
            : array_filter(array_count_values($run->strands), fn (int $strands): bool => $strands > 1);
        $couldDoBetter = fn (WoundResult $mesh): bool => isset($doubled[$mesh->wound->id])
            && $mesh->plan->rolls !== []
            && ! $mesh->plan->isProvenBest();
        $meshes = array_values(array_filter($result->wound, $couldDoBetter));
        if ($meshes === [] || ! $part->kind instanceof EndsSooner) {
            return null;
        }
        $ids = MaterialsOfAPart::ids($meshes);
        $fill = [];
        foreach ($part->kind->endingSooner() as $key => $written) {
            $fill["parts.$part->id.$key"] = $written;
        }
        if (! $this->trial->meshesDo($plan, $fill, fn (array $after): bool => self::lacks($after) < self::lacks($result->wound))) {
            return null;
        }

        $remedy = $this->trial->remedy($plan, $result, 'End the strands sooner', $fill, $ids);

        return $remedy === null ? null : new Advice(
            'sooner', "parts.$part->id", $ids, 'Fewer rolls would do.',
            sprintf(
                'The strands of %s end where their rolls end, and each set of rolls leaves its rest.',
                MaterialsOfAPart::names($meshes),
            ),
            [], [$remedy],
        );
    }

    /**
     * @param  list<RollOutcome>  $meshes
     * @return list<int> what is unmet, what is bought, and what is opened
     */
    private static function lacks(array $meshes): array
    {
        return [
            array_sum(array_map(fn (RollOutcome $mesh): int => $mesh->plan->unmetPieces, $meshes)),
            array_sum(array_map(fn (RollOutcome $mesh): int => $mesh->plan->money()->cents, $meshes)),
            array_sum(array_map(fn (RollOutcome $mesh): int => $mesh->plan->opened(), $meshes)),
        ];
    }
}
