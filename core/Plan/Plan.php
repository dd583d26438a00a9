<?php

declare(strict_types=1);

namespace Davrin\Core\Plan;

use Davrin\Core\Blank\Slip;
use Davrin\Core\Form\Form;
use Davrin\Core\Form\FormKind;
use Davrin\Core\Material\Good;
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
    public const FORMAT = 'davrin-plan';

    public const VERSION = 1;

    /**
     * @param  non-empty-list<Wound>  $meshes
     * @param  list<Part>  $layers  in build order
     */
    public function __construct(
        public Slip $heading,
        public FormKind $formKind,
        public Slip $formSlip,
        public Form $form,
        public Ties $ties,
        public array $meshes,
        public array $layers,
        public Good $stems,
        public Good $zipTies,
        public Settings $settings,
    ) {}

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

    /** @return list<Wound> that some layer uses, in their order */
    public function usedMeshes(): array
    {
        return array_values(array_filter($this->meshes, fn (Wound $mesh): bool => $this->layersOf($mesh) !== []));
    }

    public function layer(string $id): Part
    {
        return array_column($this->layers, null, 'id')[$id] ?? throw new LogicException("The plan has no layer \"$id\".");
    }

    /** @return list<Part> */
    public function layersOf(Wound $mesh): array
    {
        return array_values(array_filter($this->layers, fn (Part $layer): bool => $layer->uses($mesh)));
    }

    /**
     * Every slip of the plan by its address: "plan", "form", "ties.t1", "meshes.m1", "layers.l1", "stems", "zipTies", "settings".
     *
     * @return array<string, Slip>
     */
    public function slips(): array
    {
        $slips = ['plan' => $this->heading, 'form' => $this->formSlip];
        foreach ($this->ties->groups as $group) {
            $slips["ties.$group->id"] = $group->slip;
        }
        foreach ($this->meshes as $mesh) {
            $slips["meshes.$mesh->id"] = $mesh->slip;
        }
        foreach ($this->layers as $layer) {
            $slips["layers.$layer->id"] = $layer->on->slip;
        }

        return [...$slips, 'stems' => $this->stems->slip, 'zipTies' => $this->zipTies->slip, 'settings' => $this->settings->slip];
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
            'meshes' => array_map(fn (Wound $mesh): array => ['id' => $mesh->id, ...$mesh->slip->write()], $this->meshes),
            'layers' => array_map(fn (Part $layer): array => ['id' => $layer->id, ...$layer->on->slip->write()], $this->layers),
            'stems' => $this->stems->slip->write(),
            'zipTies' => $this->zipTies->slip->write(),
            'settings' => $this->settings->slip->write(),
        ];
    }
}
