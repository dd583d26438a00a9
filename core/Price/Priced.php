<?php

declare(strict_types=1);

namespace Davrin\Core\Price;

use JsonSerializable;

/** A cost sheet with what to ask at each place of sale. */
final readonly class Priced implements JsonSerializable
{
    /** @param  non-empty-list<Price>  $prices */
    public function __construct(public CostSheet $sheet, public array $prices) {}

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return $this->sheet->jsonSerialize() + ['prices' => $this->prices];
    }
}
