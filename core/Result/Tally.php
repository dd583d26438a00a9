<?php

declare(strict_types=1);

namespace Davrin\Core\Result;

use Davrin\Core\Words\Figure;
use JsonSerializable;

/** The figures a maker asks for first. */
final readonly class Tally implements JsonSerializable
{
    public function __construct(
        public Figure $ties,
        public Figure $used,
        public Figure $elements,
        public Figure $rolls,
        public Figure $left,
        public Figure $across,
        public Figure $opening,
        public Figure $depth,
        public Figure $fullness,
        public Figure $weight,
        public Figure $minutes,
        public Figure $cost,
    ) {}

    /** @return array<string, Figure> */
    public function jsonSerialize(): array
    {
        return [
            'ties' => $this->ties,
            'used' => $this->used,
            'elements' => $this->elements,
            'rolls' => $this->rolls,
            'left' => $this->left,
            'across' => $this->across,
            'opening' => $this->opening,
            'depth' => $this->depth,
            'fullness' => $this->fullness,
            'weight' => $this->weight,
            'minutes' => $this->minutes,
            'cost' => $this->cost,
        ];
    }
}
