<?php

declare(strict_types=1);

namespace Davrin\Core\Result;

use Davrin\Core\Demand\Element;
use JsonSerializable;

/** An element and the roll it comes from; no roll where the mesh does not reach. */
final readonly class ElementResult implements JsonSerializable
{
    public function __construct(public Element $element, public ?int $roll) {}

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['id' => $this->element->id, 'number' => $this->element->number, 'ties' => $this->element->ties, 'roll' => $this->roll];
    }
}
