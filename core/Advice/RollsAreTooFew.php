<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Demand\Element;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\MeshResult;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\Words;

/** A mesh is short: some elements come out of no roll. */
final readonly class RollsAreTooFew implements Rule
{
    public function __construct(private Remedies $remedies) {}

    public function look(Plan $plan, Result $result): array
    {
        $advice = [];
        foreach ($result->meshes as $mesh) {
            if ($mesh->verdict->short) {
                $advice[] = $this->advice($plan, $result, $mesh);
            }
        }

        return $advice;
    }

    private function advice(Plan $plan, Result $result, MeshResult $mesh): Advice
    {
        $unmet = $mesh->plan->unmet;
        $layer = $unmet[0]->layer;
        $ties = array_values(array_unique(array_map(fn (Element $element): int => $element->ties[0], $unmet)));
        $technique = array_column($plan->layers, 'technique', 'id')[$layer];
        $missing = Words::count(count($unmet), ...$technique->noun());

        return new Advice(
            'short',
            "layers.$layer",
            $mesh->mesh->id,
            sprintf('%s short.', ucfirst($missing)),
            sprintf(
                '%s of %s %s out before %s. %s would stay bare.',
                Words::count((int) $mesh->mesh->rolls(), 'roll'),
                $mesh->mesh->name(),
                $mesh->mesh->rolls() === 1 ? 'runs' : 'run',
                Words::ties([$unmet[0]->ties[0]]),
                ucfirst(Words::ties($ties)),
            ),
            $ties,
            $this->remedies->forMesh($plan, $result, $mesh),
        );
    }
}
