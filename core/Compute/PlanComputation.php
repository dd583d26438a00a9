<?php

declare(strict_types=1);

namespace Davrin\Core\Compute;

use Davrin\Core\Cost\Cost;
use Davrin\Core\Cost\GoodsUse;
use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Element;
use Davrin\Core\Effort\Effort;
use Davrin\Core\Estimate\Estimates;
use Davrin\Core\Estimate\FullnessEstimate;
use Davrin\Core\Estimate\LengthTaken;
use Davrin\Core\Material\Material;
use Davrin\Core\Part\Bow;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\ElementResult;
use Davrin\Core\Result\PartResult;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\TieResult;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Roll\Verdict;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Ties\TieRow;
use Davrin\Core\Words\Figure;
use Davrin\Core\Words\Words;

/** Computes the result of a plan, without advice. Remedies compare such results. */
final readonly class PlanComputation
{
    public function __construct(private RollComputation $rolls) {}

    /** Effort for one plan, without advice. */
    public const STEPS = 24_000_000;

    /** Effort for each tie in tracing the outline of a form that is not round, once for the whole and once for each part. */
    private const OUTLINE = 2_500;

    public function of(Plan $plan, Effort $effort): Result
    {
        $meshes = $this->rolls->of($plan, $effort);
        $goods = GoodsUse::of($plan, $meshes);
        $cost = Cost::of($plan, $meshes, $goods);
        $build = BuildOrder::of($plan, $meshes);
        $estimates = new Estimates($plan, $plan->parts);
        $effort->spend($plan->form->frame->round() ? 0 : self::OUTLINE * count($plan->ties->all()) * (1 + count($plan->parts)));
        $fullness = FullnessEstimate::of($plan, $plan->parts);
        $rolls = $this->rollsOf($meshes);
        $missing = array_fill_keys(
            array_merge(
                ...array_map(
                    fn (WoundResult $mesh): array => array_map(fn (Element $element): string => $element->id, $mesh->plan->unmet),
                    $meshes,
                ),
            ),
            true,
        );
        $parts = array_map(fn (Part $part): PartResult => $this->part($plan, $part, $rolls, $missing), $plan->parts);
        $verdicts = array_map(fn (WoundResult $mesh): Verdict => $mesh->verdict, $meshes);

        return new Result(
            $plan->name(),
            new Verdict(
                in_array(true, array_column($verdicts, 'short'), true),
                in_array(true, array_column($verdicts, 'atRisk'), true),
                in_array(true, array_column($verdicts, 'everyInch'), true),
            ),
            TallyComputation::of($plan, $parts, $meshes, $goods, $cost, $estimates, $fullness, $build),
            $plan->form,
            $estimates->extent,
            $fullness,
            self::formWords($plan),
            $this->ties($plan),
            $parts,
            $meshes,
            $goods,
            $cost,
            $build->steps,
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
                $rolls[$element][$mesh->wound->id] = $numbers;
            }
        }

        return $rolls;
    }

    /**
     * @param  array<string, array<string, list<int>>>  $rolls  by element and mesh
     * @param  array<string, true>  $missing  elements of which some comes out of no roll
     */
    private function part(Plan $plan, Part $part, array $rolls, array $missing): PartResult
    {
        $elements = $part->demand->elements;
        $estimates = new Estimates($plan, [$part]);
        $cuts = self::cutsOf($part);

        return new PartResult(
            $part->id,
            $part->kind->key(),
            $part->on->group?->id,
            $part->on->anchor->area,
            $part->on->ids(),
            $this->count($part),
            LengthTaken::of($part),
            $estimates->across(),
            $estimates->opening(),
            $estimates->depth(),
            FullnessEstimate::of($plan, [$part]),
            array_map(function (Element $element) use ($part, $rolls, $missing, $cuts): ElementResult {
                [$materials, $lengths] = self::pieces($part, $element, $cuts[$element->id] ?? []);

                return new ElementResult($element, $rolls[$element->id] ?? [], $materials, $lengths, isset($missing[$element->id]));
            }, $elements),
            $part->size,
            $part->on->slip->measures(),
            $part->on->slip->texts(),
            $part->kind instanceof Bow ? $part->kind->pieces($part->on->slip, count($part->on->materials)) : [],
            $part->room(),
            $part->on->width()->toInches(),
            $part->cautions(),
        );
    }

    /** @return array<string, non-empty-list<Cut>> by the id of the element */
    private static function cutsOf(Part $part): array
    {
        $cuts = [];
        foreach ($part->demand->cuts as $cut) {
            $cuts[$cut->element->id][] = $cut;
        }

        return $cuts;
    }

    /**
     * What goes into an element, piece by piece: which materials, by id, and how long each is.
     *
     * @param  list<Cut>  $cuts  for it
     * @return array{list<string>, list<float>}
     */
    private static function pieces(Part $part, Element $element, array $cuts): array
    {
        $lengths = array_map(fn (Cut $cut): float => $cut->length->toInches(), $cuts);

        // What is dealt tie by tie is told by its context; what is not by what is cut for it.
        return $cuts === [] || $part->kind->materials()->variesByTie
            ? [array_map(fn (Material $material): string => $material->id, $part->on->of($element)), $lengths]
            : [array_map(fn (Cut $cut): string => $cut->material, $cuts), $lengths];
    }

    private function count(Part $part): Figure
    {
        [$one, $many] = $part->kind->noun();
        [$elements, $ties] = [count($part->demand->elements), count($part->on->ties())];
        $because = match (true) {
            $ties === 0 => 'it stands on no tie',
            $elements === $ties
                && count($part->demand->elements[0]->ties) === 1 => sprintf('%s, one %s each', Words::count($ties, 'tie'), $one),
            default => sprintf('%s, one %s from each to the next%s', Words::count($ties, 'tie'), $one, self::furtherPasses($part)),
        };

        return new Figure($many, $elements, Words::count($elements, $one, $many), [$because]);
    }

    /** ", and those of the filling pass", ", twice round". */
    private static function furtherPasses(Part $part): string
    {
        $rounds = intdiv(
            count($part->demand->elements),
            max(1, count($part->on->ties()) - count(array_filter($part->on->rows, fn (TieRow $row): bool => ! $row->closed))),
        );
        $fills = array_filter($part->demand->elements, fn (Element $element): bool => $element->pass > 0) !== [];

        return match (true) {
            $fills => ', and those of the filling pass',
            $rounds > 1 => sprintf(', %d times along', $rounds),
            default => '',
        };
    }

    /** @return list<TieResult> */
    private function ties(Plan $plan): array
    {
        $carries = [];
        foreach ($plan->parts as $part) {
            foreach ($part->demand->elements as $element) {
                foreach (array_unique($element->ties) as $tie) {
                    $carries[$tie][$part->id][] = $element;
                }
            }
        }

        return array_map(
            fn (Tie $tie): TieResult => new TieResult(
                $tie,
                $tie->where($plan->form, $plan->units()),
                $this->carried($plan, $carries[$tie->number] ?? []),
            ),
            $plan->ties->all(),
        );
    }

    /**
     * "ruffle 7 of Gold mesh", "poofs 19 and 20 of Dusk blue mesh".
     *
     * @param  array<string, non-empty-list<Element>>  $elements  by part
     * @return list<string>
     */
    private function carried(Plan $plan, array $elements): array
    {
        $said = [];
        foreach ($plan->parts as $part) {
            $numbers = [];
            $its = $elements[$part->id] ?? [];
            $cuts = $its === [] ? [] : self::cutsOf($part);
            foreach ($its as $element) {
                $ids = self::pieces($part, $element, $cuts[$element->id] ?? [])[0];
                $numbers[Material::names(array_map(fn (string $id): Material => $plan->materials->all[$id], $ids))][] = $element->number;
            }
            foreach ($numbers as $meshes => $its) {
                sort($its);
                $said[] = sprintf('%s %s of %s', $part->kind->noun()[count($its) === 1 ? 0 : 1], Words::list($its), $meshes);
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
                $plan->form->sections->count() === 1 => 'It is one section, and the count',
                $plan->formSlip->count('startAt') > 1 => sprintf(
                    'The count begins at %s %d and',
                    $plan->form->frame->beginsAtCrossbar() ? $plan->form->names->crossbar() : 'place',
                    $plan->formSlip->count('startAt'),
                ),
                $plan->form->frame->round() => 'Section 1 begins at 12 o\'clock and the count',
                default => sprintf('The count begins at %s and', $plan->form->names->start()),
            },
            $way,
        );
    }
}
