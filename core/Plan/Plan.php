<?php

declare(strict_types=1);

namespace Davrin\Core\Plan;

use Davrin\Core\Blank\Slip;
use Davrin\Core\Form\Form;
use Davrin\Core\Form\FormKind;
use Davrin\Core\Learned\LearnedFigure;
use Davrin\Core\Learned\LearnedFigures;
use Davrin\Core\Learned\Scope;
use Davrin\Core\Learned\Subject;
use Davrin\Core\Material\Good;
use Davrin\Core\Material\Material;
use Davrin\Core\Material\Materials;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Units;
use Davrin\Core\Part\Part;
use Davrin\Core\Ties\TieGroup;
use Davrin\Core\Ties\Ties;
use LogicException;

/**
 * One design, whole and valid: everything else is computed from it. Made by the PlanReader, changed by an Edit, which
 * gives another plan.
 */
final readonly class Plan
{
    /** Why a figure is an estimate that would not be one otherwise. */
    public const BY_EYE = 'poofs measured by eye: an estimate';

    public const FORMAT = 'davrin-plan';

    public const VERSION = 2;

    public PlanDemand $demand;

    /** @param  list<Part>  $parts  in build order */
    public function __construct(
        public Slip $heading,
        public FormKind $formKind,
        public Slip $formSlip,
        public Form $form,
        public Ties $ties,
        public Materials $materials,
        public array $parts,
        public Finish $finish,
        public Settings $settings,
        public LearnedFigures $learned,
    ) {
        $this->demand = PlanDemand::of($form, $ties, $parts, $finish);
    }

    public function name(): string
    {
        return $this->heading->text('name');
    }

    public function units(): Units
    {
        return $this->settings->units();
    }

    public function formPrice(): Money
    {
        return $this->formSlip->money('price');
    }

    /** @return list<Wound> the materials that are cut from rolls, in their order */
    public function wound(): array
    {
        return $this->materials->wound();
    }

    /** @return list<Good> the materials that are counted, in their order */
    public function goods(): array
    {
        return $this->materials->goods();
    }

    /** @return list<Wound> that some part uses, in their order */
    public function usedWound(): array
    {
        return array_values(array_filter($this->wound(), fn (Wound $wound): bool => $this->partsOf($wound) !== []));
    }

    public function part(string $id): Part
    {
        return array_column($this->parts, null, 'id')[$id] ?? throw new LogicException("The plan has no part \"$id\".");
    }

    /** @return list<Part> */
    public function partsOf(Material $material): array
    {
        return array_values(array_filter($this->parts, fn (Part $part): bool => $part->uses($material)));
    }

    /** What the waste of a material is learned for: the technique that most of its pieces go into, of it. */
    public function wasteOf(Wound $wound): Scope
    {
        $parts = $this->partsOf($wound);
        usort($parts, fn (Part $a, Part $b): int => $b->demand->pieces() <=> $a->demand->pieces());

        return new Scope($parts === [] ? '' : $parts[0]->kind->key(), $wound->sort(), $wound->source());
    }

    /** How much more of a material gets spoiled than is used, in percent, as the log says; null where it says nothing. */
    public function waste(Wound $wound): ?LearnedFigure
    {
        $of = $this->wasteOf($wound);

        return $this->learned->find(Subject::Waste, $of->of, $of->material, $of->source);
    }

    /** Whether any of what is cut is measured by eye. */
    public function hasByEye(): bool
    {
        return array_filter($this->wound(), $this->isByEye(...)) !== [];
    }

    /** Whether some of what is cut of a material is measured by eye, so that figures which rest on it are estimates. */
    public function isByEye(Wound $wound): bool
    {
        foreach ($this->partsOf($wound) as $part) {
            foreach ($part->demand->runs as $run) {
                if ($run->byEye && in_array($wound->id, $run->strands, true)) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * Every slip of the plan by its address: "plan", "form", "ties.t1", "materials.m1", "parts.l1", "finish", "settings".
     *
     * @return array<string, Slip>
     */
    public function slips(): array
    {
        $slips = ['plan' => $this->heading, 'form' => $this->formSlip];
        foreach ($this->ties->groups as $group) {
            $slips["ties.$group->id"] = $group->slip;
        }
        foreach ($this->materials->all as $material) {
            $slips["materials.$material->id"] = $material->slip;
        }
        foreach ($this->parts as $part) {
            $slips["parts.$part->id"] = $part->on->slip;
        }

        return [...$slips, 'finish' => $this->finish->slip, 'settings' => $this->settings->slip];
    }

    /** @return array<string, mixed> the plan document, keys in their canonical order */
    public function write(): array
    {
        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            ...$this->heading->write(),
            'form' => $this->formSlip->write(),
            'ties' => array_map(fn (TieGroup $group): array => ['id' => $group->id, ...$group->slip->write()], $this->ties->groups),
            'materials' => array_values(
                array_map(fn (Material $material): array => ['id' => $material->id, ...$material->slip->inFile()], $this->materials->all),
            ),
            'parts' => array_map(fn (Part $part): array => $part->write(), $this->parts),
            'finish' => $this->finish->slip->write(),
            'settings' => $this->settings->slip->write(),
            // Only where there is something, so that files from before come out as they were.
            ...($this->learned->isEmpty() ? [] : ['learned' => $this->learned->write()]),
        ];
    }
}
