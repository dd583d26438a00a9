<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Words\Words;

/** A mesh is enough only on paper: every inch is used, or it would not be enough if the rolls came as short as they may. */
final readonly class RollsAreUsedUp implements Rule
{
    public function __construct(private Trial $trial) {}

    public function look(Plan $plan, Result $result): array
    {
        $tight = array_values(
            array_filter($result->wound, fn (WoundResult $mesh): bool => $mesh->verdict->everyInch || $mesh->verdict->atRisk),
        );

        return array_map(
            fn (array $meshes): Warning => $this->warning($plan, $meshes),
            MaterialsOfAPart::grouped($tight, fn (WoundResult $mesh): string => self::about($plan, $mesh).' '.$mesh->verdict->words()),
        );
    }

    /** The part that would be short, or else the last that uses the mesh. */
    private static function about(Plan $plan, WoundResult $mesh): string
    {
        $parts = $plan->partsOf($mesh->wound);

        return 'parts.'.($mesh->safePlan->unmet[0]->part ?? $parts[count($parts) - 1]->id);
    }

    /** @param  non-empty-list<WoundResult>  $meshes */
    private function warning(Plan $plan, array $meshes): Warning
    {
        $verdict = $meshes[0]->verdict;
        $ties = MaterialsOfAPart::ties(array_merge(...array_map(fn (WoundResult $mesh): array => $mesh->safePlan->unmet, $meshes)));

        return new Warning(
            $verdict->everyInch ? 'every-inch' : 'at-risk',
            self::about($plan, $meshes[0]),
            MaterialsOfAPart::ids($meshes),
            match (true) {
                ! $verdict->everyInch => 'At risk.',
                $verdict->atRisk => 'Every inch is used, and at risk.',
                default => 'Every inch is used.',
            },
            $this->sentence($plan, $meshes, $ties),
            $ties,
            (new RollProposals($this->trial, $plan, $meshes))->all(...),
            rolls: $verdict->atRisk ? [] : array_combine(
                MaterialsOfAPart::ids($meshes),
                array_map(fn (WoundResult $mesh): array => array_column($mesh->plan->rolls, 'number'), $meshes),
            ),
        );
    }

    /**
     * @param  non-empty-list<WoundResult>  $meshes
     * @param  list<int>  $ties
     */
    private function sentence(Plan $plan, array $meshes, array $ties): string
    {
        $units = $plan->units();
        if (! $meshes[0]->verdict->atRisk) {
            return sprintf('Nothing of the %s is left for a slip of the scissors.', MaterialsOfAPart::names($meshes));
        }

        return implode(
            ' ',
            array_map(
                fn (WoundResult $mesh): string => sprintf('%s uses %s of its rolls.', $mesh->wound->name(), $mesh->used->shown),
                $meshes,
            ),
        ).sprintf(
            ' Rolls come short: only %s of each is safe, and then there is none for %s.',
            Words::list(
                array_values(array_unique(array_map(fn (WoundResult $mesh): string => $units->available($mesh->wound->safe()), $meshes))),
            ),
            $ties === [] ? 'all of it' : Words::ties($ties),
        );
    }
}
