<?php

declare(strict_types=1);

namespace Davrin\Core\Plan;

use Brick\Math\BigRational;
use Davrin\Core\Demand\BuildStep;
use Davrin\Core\Demand\Caution;
use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Demand\GoodsNeed;
use Davrin\Core\Demand\Phase;
use Davrin\Core\Demand\Run;
use Davrin\Core\Form\Form;
use Davrin\Core\Material\Kind\Stems;
use Davrin\Core\Material\Kind\ZipTies;
use Davrin\Core\Part\Part;
use Davrin\Core\Ties\Fastening;
use Davrin\Core\Ties\TieGroup;
use Davrin\Core\Ties\Ties;
use Davrin\Core\Words\Words;

/** Everything a plan needs: for its form, its ties, its parts and the finishing. All later computation iterates over it. */
final readonly class PlanDemand
{
    /** Minutes, a starting guess (docs/craft-figures.md). */
    private const TIE = 0.3;

    /** @param  array<string, Demand>  $of  by the address of what asks: "form", "ties.t1", "parts.l1", "finishing" */
    private function __construct(public array $of) {}

    /** @param  list<Part>  $parts */
    public static function of(Form $form, Ties $ties, array $parts, Finish $finish): self
    {
        $of = ['form' => self::ofForm($form)];
        foreach ($ties->groups as $group) {
            $of["ties.$group->id"] = self::ofTies($group);
        }
        foreach ($parts as $part) {
            $of["parts.$part->id"] = $part->demand;
        }

        return new self([...$of, 'finishing' => $finish->demand()]);
    }

    /** @return list<Run> */
    public function runs(): array
    {
        return array_merge(...array_map(fn (Demand $demand): array => $demand->runs, array_values($this->of)));
    }

    /** @return list<Cut> */
    public function cuts(): array
    {
        return array_merge(...array_map(fn (Demand $demand): array => $demand->cuts, array_values($this->of)));
    }

    /** @return list<string> the kinds of goods that are asked for, by key, each once; where rolls end under way too */
    public function kindsOfGoods(): array
    {
        $kinds = [];
        foreach ($this->of as $demand) {
            array_push($kinds, ...array_map(fn (GoodsNeed $need): string => $need->kind, $demand->goods));
            array_push(
                $kinds,
                ...array_merge(...array_map(fn (Run $run): array => $run->endsTake === null ? [] : [$run->endsTake], $demand->runs)),
            );
        }

        return array_values(array_unique($kinds));
    }

    private static function ofForm(Form $form): Demand
    {
        return $form->joints === 0 ? Demand::none() : Demand::none()
            ->taking(new GoodsNeed(ZipTies::KEY, BigRational::of($form->joints), Words::count($form->joints, 'joint').' of the form'))
            ->inSteps(
                new BuildStep(
                    'form',
                    Phase::Ties,
                    sprintf('Join the form at %s.', Words::count($form->joints, 'joint')),
                    'zip ties',
                    [],
                    0.0,
                ),
            );
    }

    private static function ofTies(TieGroup $group): Demand
    {
        [$count, $with] = [count($group->ties()), $group->fastening];
        $because = Words::count($count, 'tie').$with->each();
        $needs = match ($with->good()) {
            null => [new GoodsNeed(Stems::KEY, BigRational::zero(), $because)],
            Stems::KEY => [new GoodsNeed(Stems::KEY, BigRational::nd($count, $with->tiesAPiece()), $because)],
            default => [
                new GoodsNeed(Stems::KEY, BigRational::zero(), $because),
                new GoodsNeed($with->good(), BigRational::nd($count, $with->tiesAPiece()), Words::count($count, 'tie')),
            ],
        };
        $demand = Demand::none()->taking(...$needs);

        return $with->isMade()
            ? $demand->inSteps(
                new BuildStep(
                    "ties.$group->id",
                    Phase::Ties,
                    'Tie on '.Words::count($count, 'tie').$with->each().'.',
                    'fingers',
                    [],
                    $count * self::TIE,
                    [$with === Fastening::ZipTie ? Caution::ZipTies : Caution::Wire],
                ),
            )
            : $demand;
    }
}
