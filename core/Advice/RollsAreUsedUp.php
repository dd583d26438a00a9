<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Demand\Element;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\MeshResult;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\Words;

/** A mesh is enough on paper only: every inch is used, or it would not do if the rolls came as short as they may. */
final readonly class RollsAreUsedUp implements Rule
{
    public function __construct(private Remedies $remedies) {}

    public function look(Plan $plan, Result $result): array
    {
        $advice = [];
        foreach ($result->meshes as $mesh) {
            if ($mesh->verdict->everyInch || $mesh->verdict->atRisk) {
                $advice[] = $this->advice($plan, $result, $mesh);
            }
        }

        return $advice;
    }

    private function advice(Plan $plan, Result $result, MeshResult $mesh): Advice
    {
        $unsafe = $mesh->safePlan->unmet;
        $layers = $plan->layersOf($mesh->mesh);
        $ties = array_values(array_unique(array_map(fn (Element $element): int => $element->ties[0], $unsafe)));

        return new Advice(
            $mesh->verdict->everyInch ? 'every-inch' : 'at-risk',
            'layers.'.($unsafe[0]->layer ?? $layers[count($layers) - 1]->id),
            $mesh->mesh->id,
            match (true) {
                ! $mesh->verdict->everyInch => 'At risk.',
                $mesh->verdict->atRisk => 'Every inch is used, and at risk.',
                default => 'Every inch is used.',
            },
            $this->sentence($plan, $mesh, $ties),
            $ties,
            $this->remedies->forMesh($plan, $result, $mesh),
        );
    }

    /** @param  list<int>  $ties */
    private function sentence(Plan $plan, MeshResult $mesh, array $ties): string
    {
        $units = $plan->units();
        if ($ties === []) {
            return sprintf('Nothing of the %s is left for a slip of the scissors.', $mesh->mesh->name());
        }

        return sprintf(
            '%s uses %s of its rolls. Rolls come short: only %s of each is safe, and then there is none for %s.',
            $mesh->mesh->name(), $mesh->used->shown, $units->available($mesh->mesh->safe()), Words::ties($ties),
        );
    }
}
