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

    /** Of a roll or a pack. */
    public function price(): Money
    {
        return $this->slip->money('price');
    }
}
