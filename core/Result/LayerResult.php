<?php

declare(strict_types=1);

namespace Davrin\Core\Result;

use JsonSerializable;

/** What one layer makes, what it takes, and what a drawing of it needs. */
final readonly class LayerResult implements JsonSerializable
{
    /**
     * @param  list<ElementResult>  $elements
     * @param  float  $reach  across the form, in inches (an estimate)
     * @param  float  $span  along the row to each side, in inches (an estimate)
     */
    public function __construct(
        public string $id,
        public string $technique,
        public string $mesh,
        public Figure $count,
        public Figure $takes,
        public array $elements,
        public float $reach,
        public float $span,
    ) {}

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'id' => $this->id,
            'technique' => $this->technique,
            'mesh' => $this->mesh,
            'count' => $this->count,
            'takes' => $this->takes,
            'elements' => $this->elements,
            'reach' => round($this->reach, 4),
            'span' => round($this->span, 4),
        ];
    }
}
