<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Demand\Element;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Advice;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Words\Words;

/** A mesh is short: some elements come out of no roll, or not whole. */
final readonly class RollsAreTooFew implements Rule
{
    public function __construct(private Remedies $remedies) {}

    public function look(Plan $plan, Result $result): array
    {
        $short = array_values(array_filter($result->meshes, fn (WoundResult $mesh): bool => $mesh->verdict->short));

        return array_map(
            fn (array $meshes): Advice => $this->advice($plan, $result, $meshes),
            MaterialsOfAPart::grouped($short, fn (WoundResult $mesh): string => $mesh->plan->unmet[0]->layer),
        );
    }

    /** @param  non-empty-list<WoundResult>  $meshes */
    private function advice(Plan $plan, Result $result, array $meshes): Advice
    {
        $unmet = array_values(array_column(array_map(fn (Element $element): array => [$element->id, $element], array_merge(...array_map(fn (WoundResult $mesh): array => $mesh->plan->unmet, $meshes))), 1, 0));
        $layer = $plan->layer($unmet[0]->layer);
        $ties = MaterialsOfAPart::ties($unmet);
        $rolls = array_sum(array_map(fn (WoundResult $mesh): int => (int) $mesh->mesh->rolls(), $meshes));
        $onHand = array_filter($meshes, fn (WoundResult $mesh): bool => $mesh->mesh->onHand() !== []) !== [];
        $what = $ties === [] ? ucfirst($layer->technique->noun()[1]) : ucfirst(Words::ties($ties));

        return new Advice(
            'short',
            "layers.$layer->id",
            MaterialsOfAPart::ids($meshes),
            sprintf('%s short.', ucfirst(Words::count(count($unmet), ...$layer->technique->noun()))),
            sprintf(
                '%s%s of %s %s out%s. %s would stay bare%s.',
                $onHand ? 'What is on hand and ' : '',
                Words::count($rolls, $onHand ? 'new roll' : 'roll'),
                MaterialsOfAPart::names($meshes),
                $rolls === 1 && ! $onHand ? 'runs' : 'run',
                $ties === [] ? '' : ' before '.Words::ties([$ties[0]]),
                $what,
                count($layer->on->meshes) > 1 ? ' or not be whole' : '',
            ),
            $ties,
            $this->remedies->forMeshes($plan, $result, $meshes),
        );
    }
}
