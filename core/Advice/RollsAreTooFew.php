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
        $short = array_values(array_filter($result->wound, fn (WoundResult $mesh): bool => $mesh->verdict->short));

        return array_map(
            fn (array $meshes): Advice => $this->advice($plan, $result, $meshes),
            MaterialsOfAPart::grouped($short, fn (WoundResult $mesh): string => $mesh->plan->unmet[0]->part),
        );
    }

    /** @param  non-empty-list<WoundResult>  $meshes */
    private function advice(Plan $plan, Result $result, array $meshes): Advice
    {
        $unmet = array_values(
            array_column(
                array_map(
                    fn (Element $element): array => [$element->id, $element],
                    array_merge(...array_map(fn (WoundResult $mesh): array => $mesh->plan->unmet, $meshes)),
                ),
                1,
                0,
            ),
        );
        $part = $plan->part($unmet[0]->part);
        $ties = MaterialsOfAPart::ties($unmet);
        $rolls = array_sum(array_map(fn (WoundResult $mesh): int => (int) $mesh->wound->rolls(), $meshes));
        $onHand = array_filter($meshes, fn (WoundResult $mesh): bool => $mesh->wound->onHand() !== []) !== [];
        $what = $ties === [] ? ucfirst($part->kind->noun()[1]) : ucfirst(Words::ties($ties));

        return new Advice(
            'short',
            "parts.$part->id",
            MaterialsOfAPart::ids($meshes),
            sprintf('%s short.', ucfirst(Words::count(count($unmet), ...$part->kind->noun()))),
            sprintf(
                '%s%s of %s %s out%s. %s would stay bare%s.',
                $onHand ? 'What is on hand and ' : '',
                Words::count($rolls, $onHand ? 'new roll' : 'roll'),
                MaterialsOfAPart::names($meshes),
                $rolls === 1 && ! $onHand ? 'runs' : 'run',
                $ties === [] ? '' : ' before '.Words::ties([$ties[0]]),
                $what,
                count($part->on->materials) > 1 ? ' or not be whole' : '',
            ),
            $ties,
            $this->remedies->forMeshes($plan, $result, $meshes),
        );
    }
}
