<?php

declare(strict_types=1);

namespace Davrin\Core\Material;

use Davrin\Core\Blank\Slip;
use Davrin\Core\Measure\Money;
use Davrin\Core\Words\Words;

/** Something a plan is made of, with what the plan says of it. */
abstract readonly class Material
{
    /** @param  string  $id  its own within the plan */
    public function __construct(public string $id, public MaterialKind $kind, public Slip $slip) {}

    /**
     * "Gold mesh", or "Gold mesh and Teal mesh": each once.
     *
     * @param  list<self>  $materials
     */
    public static function names(array $materials): string
    {
        return Words::list(array_values(array_map(fn (self $material): string => $material->name(), array_column($materials, null, 'id'))));
    }

    public function name(): string
    {
        return $this->slip->text('name');
    }

    /** What a roll or a pack is listed at: what the next one costs. */
    public function price(): Money
    {
        return $this->slip->money('price');
    }

    /** What was paid for a roll or a pack; null where nobody said. */
    public function paid(): ?Money
    {
        return $this->slip->objectIfAny('paid', Money::class);
    }

    /** So many cents, in what its price is counted in. */
    public function money(int $cents): Money
    {
        return Money::cents($cents, $this->price()->currency);
    }
}
