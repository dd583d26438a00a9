<?php

declare(strict_types=1);

namespace Davrin\Core\Log;

use Davrin\Core\Learned\Scope;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Length;

/** A roll as it really was, beside what its label says. */
final readonly class RollTruth
{
    /**
     * @param  string  $material  its id in the plan
     * @param  string  $words  "Sage mesh, roll 1"
     * @param  Scope  $scope  its kind of material, and whoever it is bought from
     * @param  Length  $label  what its label says
     * @param  ?Length  $held  what it really held; null where nobody came to its end or measured it
     */
    public function __construct(
        public string $material,
        public string $words,
        public Scope $scope,
        public Length $label,
        public ?Length $held = null,
    ) {}

    /** Of which only the label is known yet. */
    public static function byLabel(Wound $wound, int $number): self
    {
        return new self($wound->id, "{$wound->name()}, roll $number", new Scope('', $wound->sort(), $wound->source()), $wound->nominal());
    }

    public function held(?Length $held): self
    {
        return new self($this->material, $this->words, $this->scope, $this->label, $held);
    }

    /** @return array<string, string|int|null> */
    public function asData(): array
    {
        return [
            'id' => $this->material, 'words' => $this->words, 'material' => $this->scope->material, 'source' => $this->scope->source,
            'label' => $this->label->units, 'held' => $this->held?->units,
        ];
    }

    /** @param  array{id: string, words: string, material: string, source: string, label: int, held: ?int}  $data */
    public static function fromData(array $data): self
    {
        return new self(
            $data['id'],
            $data['words'],
            new Scope('', $data['material'], $data['source']),
            Length::ofUnits($data['label']),
            $data['held'] === null ? null : Length::ofUnits($data['held']),
        );
    }
}
