<?php

declare(strict_types=1);

namespace Davrin\Core\Engine;

use Davrin\Core\Cost\Cost;
use Davrin\Core\Demand\Element;
use Davrin\Core\Plan\Layer;
use Davrin\Core\Plan\Mesh;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\ElementResult;
use Davrin\Core\Result\Extent;
use Davrin\Core\Result\Figure;
use Davrin\Core\Result\LayerResult;
use Davrin\Core\Result\MeshResult;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\TieResult;
use Davrin\Core\Result\Verdict;
use Davrin\Core\Result\Words;
use Davrin\Core\Ties\Tie;

/** Works a plan out, without advice: what remedies compare. */
final readonly class PlanWork
{
    public function __construct(private MeshWork $meshWork) {}

    public function of(Plan $plan): Result
    {
        $meshes = array_map(fn (Mesh $mesh): MeshResult => $this->meshWork->of($plan, $mesh), $plan->meshes);
        $extent = Extent::of($plan);
        $stems = TieStuff::of($plan);
        $cost = Cost::of($plan, $meshes, $stems);
        $rollOf = array_merge(...array_map(fn (MeshResult $mesh): array => $mesh->plan->rollOf(), $meshes));
        $layers = array_map(fn (Layer $layer): LayerResult => $this->layer($plan, $layer, $rollOf), $plan->layers);
        $verdicts = array_map(fn (MeshResult $mesh): Verdict => $mesh->verdict, $meshes);

        return new Result(
            $plan->name(),
            new Verdict(
                in_array(true, array_column($verdicts, 'short'), true),
                in_array(true, array_column($verdicts, 'atRisk'), true),
                in_array(true, array_column($verdicts, 'everyInch'), true),
            ),
            Tallies::of($plan, $layers, $meshes, $stems, $cost, $extent),
            $plan->form,
            $extent,
            self::formWords($plan),
            $this->ties($plan),
            $layers,
            $meshes,
            $cost,
            [],
        );
    }

    /** @param  array<string, int>  $rollOf */
    private function layer(Plan $plan, Layer $layer, array $rollOf): LayerResult
    {
        $elements = $layer->work->elements;
        [$one, $many] = $layer->technique->noun();
        $ties = count($layer->ties());

        return new LayerResult(
            $layer->id,
            $layer->technique->key(),
            $layer->mesh->id,
            new Figure($many, count($elements), Words::count(count($elements), $one, $many), [sprintf(count($elements) === $ties ? '%s, one %s each' : '%s, one %s from each to the next', Words::count($ties, 'tie'), $one)]),
            LayerTake::of($plan, $layer),
            array_map(fn (Element $element): ElementResult => new ElementResult($element, $rollOf[$element->id] ?? null), $elements),
            $layer->reach(),
            $layer->technique->span($layer->slip),
        );
    }

    /** @return list<TieResult> */
    private function ties(Plan $plan): array
    {
        $carries = [];
        foreach ($plan->layers as $layer) {
            foreach ($layer->work->elements as $element) {
                foreach (array_unique($element->ties) as $tie) {
                    $carries[$tie][$layer->id][] = $element;
                }
            }
        }

        return array_map(fn (Tie $tie): TieResult => new TieResult($tie, $tie->where($plan->form, $plan->units()), $this->carried($plan, $carries[$tie->number] ?? [])), $plan->ties->all());
    }

    /**
     * "ruffle 7 of Gold mesh", "poofs 19 and 20 of Dusk blue mesh".
     *
     * @param  array<string, non-empty-list<Element>>  $elements  by layer
     * @return list<string>
     */
    private function carried(Plan $plan, array $elements): array
    {
        $said = [];
        foreach ($plan->layers as $layer) {
            $numbers = array_map(fn (Element $element): int => $element->number, $elements[$layer->id] ?? []);
            if ($numbers !== []) {
                sort($numbers);
                $said[] = sprintf('%s %s of %s', $layer->technique->noun()[count($numbers) === 1 ? 0 : 1], Words::list($numbers), $layer->mesh->name());
            }
        }

        return $said;
    }

    private static function formWords(Plan $plan): string
    {
        $way = $plan->formSlip->show('direction', $plan->units());

        return sprintf(
            '%s. %s goes %s, seen from the front.',
            $plan->formKind->describe($plan->formSlip, $plan->units()),
            match (true) {
                ! $plan->form->closed() => 'The count',
                $plan->form->sections() === 1 => 'It is one section, and the count',
                $plan->formSlip->count('startAt') > 1 => sprintf('The count begins at %s %d and', $plan->form->beginsAtCrossbar() ? $plan->form->crossbarName() : 'place', $plan->formSlip->count('startAt')),
                $plan->form->round() => 'Section 1 begins at 12 o\'clock and the count',
                default => sprintf('The count begins at %s and', $plan->form->startName()),
            },
            $way,
        );
    }
}
