<?php

declare(strict_types=1);

namespace Davrin\Core\Learned;

/** What a learned figure holds for: a technique or a kind of work, a kind of material, and whoever it is bought from. */
final readonly class Scope
{
    /** What a size is estimated from begins so, where a figure holds for one design alone. */
    public const DESIGN = 'design:';

    /**
     * @param  string  $of  the key of a technique or a kind of work, or "design:" and what tells a design; empty for all
     * @param  string  $material  its kind: "see-through mesh"; empty for all
     * @param  string  $source  whoever it is bought from, or the grade of its rolls; empty for all
     */
    public function __construct(public string $of, public string $material = '', public string $source = '') {}

    /** Told apart by it; how a name is written in capitals or small letters makes no difference. */
    public function key(): string
    {
        return implode('|', array_map(
            fn (string $part): string => str_replace('|', '/', mb_strtolower(trim($part))),
            [$this->of, $this->material, $this->source],
        ));
    }

    /**
     * Itself and what is wider: first whatever it is bought from, then whatever it is made of. Rolls of one source say nothing of those
     * of another.
     *
     * @return non-empty-list<self>
     */
    public function widening(): array
    {
        $wider = $this->of === ''
            ? [$this, new self('', '', $this->source)]
            : [$this, new self($this->of, $this->material), new self($this->of)];
        $known = [];
        foreach ($wider as $scope) {
            $known[$scope->key()] ??= $scope;
        }

        return array_values($known);
    }

    public function isOfDesign(): bool
    {
        return str_starts_with($this->of, self::DESIGN);
    }
}
