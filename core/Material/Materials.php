<?php

declare(strict_types=1);

namespace Davrin\Core\Material;

/** The materials of a plan as one thing, so that what was built of them can be told from what was built of others. */
final readonly class Materials
{
    /** @param  array<string, Material>  $all  by id */
    public function __construct(public array $all) {}

    /** @return list<Wound> in their order */
    public function wound(): array
    {
        return array_values(array_filter($this->all, fn (Material $material): bool => $material instanceof Wound));
    }

    /** @return list<Good> in their order */
    public function goods(): array
    {
        return array_values(array_filter($this->all, fn (Material $material): bool => $material instanceof Good));
    }

    /** The first of a kind; null where there is none. */
    public function ofKind(string $kind): ?Material
    {
        foreach ($this->all as $material) {
            if ($material->kind->key() === $kind) {
                return $material;
            }
        }

        return null;
    }

    /** @return array<string, string> what those that can be used so are called, by id */
    public function names(MaterialUse $use): array
    {
        $taken = array_filter($this->all, $use->takes(...));
        $place = array_flip($use->goods ?? []);
        // Of goods the usual kind stands first.
        uasort($taken, fn (Material $a, Material $b): int => ($place[$a->kind->key()] ?? 0) <=> ($place[$b->kind->key()] ?? 0));

        return array_map(fn (Material $material): string => $material->name(), $taken);
    }

    public function with(Material $material): self
    {
        return new self([...$this->all, $material->id => $material]);
    }
}
