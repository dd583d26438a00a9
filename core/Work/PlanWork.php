<?php

declare(strict_types=1);

namespace Davrin\Core\Work;

use Davrin\Core\Cost\Cost;
use Davrin\Core\Cost\TieStuff;
use Davrin\Core\Demand\Element;
use Davrin\Core\Effort\Effort;
use Davrin\Core\Estimate\Estimates;
use Davrin\Core\Estimate\FullnessWork;
use Davrin\Core\Estimate\LengthTaken;
use Davrin\Core\Material\Wound;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\ElementResult;
use Davrin\Core\Result\PartResult;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\TieResult;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Roll\Verdict;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Words\Figure;
use Davrin\Core\Words\Words;

/** Works a plan out, without advice: what remedies compare. */
final readonly class PlanWork
{
    public function __construct(private RollWork $meshWork) {}

    /** What working a plan out may take, without advice. */
    public const STEPS = 24_000_000;

    /** What following the outline of a form that is not round takes, for each tie, of the whole and of each layer. */
    private const OUTLINE = 2_500;

    public function of(Plan $plan, Effort $effort): Result
    {
        $meshes = $this->meshWork->of($plan, $effort);
        $stuff = TieStuff::of($plan, $meshes);
        $cost = Cost::of($plan, $meshes, $stuff);
        $estimates = new Estimates($plan, $plan->layers);
        $effort->spend($plan->form->round() ? 0 : self::OUTLINE * count($plan->ties->all()) * (1 + count($plan->layers)));
        $fullness = FullnessWork::of($plan, $plan->layers);
        $rolls = $this->rollsOf($meshes);
        $missing = array_fill_keys(array_merge(...array_map(fn (WoundResult $mesh): array => array_map(fn (Element $element): string => $element->id, $mesh->plan->unmet), $meshes)), true);
        $layers = array_map(fn (Part $layer): PartResult => $this->layer($plan, $layer, $rolls, $missing), $plan->layers);
        $verdicts = array_map(fn (WoundResult $mesh): Verdict => $mesh->verdict, $meshes);

        return new Result(
            $plan->name(),
            new Verdict(
                in_array(true, array_column($verdicts, 'short'), true),
                in_array(true, array_column($verdicts, 'atRisk'), true),
                in_array(true, array_column($verdicts, 'everyInch'), true),
            ),
            Tallies::of($plan, $layers, $meshes, $stuff, $cost, $estimates, $fullness),
            $plan->form,
            $estimates->extent,
            $fullness,
            self::formWords($plan),
            $this->ties($plan),
            $layers,
            $meshes,
            $cost,
            [],
        );
    }

    /**
     * @param  list<WoundResult>  $meshes
     * @return array<string, array<string, list<int>>> by element and mesh
     */
    private function rollsOf(array $meshes): array
    {
        $rolls = [];
        foreach ($meshes as $mesh) {
            foreach ($mesh->plan->rollsOf() as $element => $numbers) {
                $rolls[$element][$mesh->mesh->id] = $numbers;
            }
        }

        return $rolls;
    }

    /**
     * @param  array<string, array<string, list<int>>>  $rolls  by element and mesh
     * @param  array<string, true>  $missing  elements of which some comes out of no roll
     */
    private function layer(Plan $plan, Part $layer, array $rolls, array $missing): PartResult
    {
        $elements = $layer->work->elements;
        $estimates = new Estimates($plan, [$layer]);

        return new PartResult(
            $layer->id,
            $layer->technique->key(),
            $layer->on->group->id,
            array_map(fn (Wound $mesh): string => $mesh->id, $layer->on->meshes),
            $this->count($layer),
            LengthTaken::of($layer),
            $estimates->across(),
            $estimates->opening(),
            $estimates->depth(),
            FullnessWork::of($plan, [$layer]),
            array_map(fn (Element $element): ElementResult => new ElementResult($element, $rolls[$element->id] ?? [], array_map(fn (Wound $mesh): string => $mesh->id, $layer->on->of($element)), isset($missing[$element->id])), $elements),
            $layer->size,
            $layer->on->slip->measures(),
            $layer->on->width()->toInches(),
            $layer->cautions(),
        );
    }

    private function count(Part $layer): Figure
    {
        [$one, $many] = $layer->technique->noun();
        [$elements, $ties] = [count($layer->work->elements), count($layer->on->ties())];
        $because = match (true) {
            $layer->work->elements[0]->ties === [] => 'it stands on no tie',
            $elements === $ties && count($layer->work->elements[0]->ties) === 1 => sprintf('%s, one %s each', Words::count($ties, 'tie'), $one),
            default => sprintf('%s, one %s from each to the next%s', Words::count($ties, 'tie'), $one, $elements > $ties ? ', and those of the filling pass' : ''),
        };

        return new Figure($many, $elements, Words::count($elements, $one, $many), [$because]);
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
            $numbers = [];
            foreach ($elements[$layer->id] ?? [] as $element) {
                $numbers[Wound::names($layer->on->of($element))][] = $element->number;
            }
            foreach ($numbers as $meshes => $its) {
                sort($its);
                $said[] = sprintf('%s %s of %s', $layer->technique->noun()[count($its) === 1 ? 0 : 1], Words::list($its), $meshes);
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
