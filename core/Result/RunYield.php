<?php

declare(strict_types=1);

namespace Davrin\Core\Result;

use Davrin\Core\Words\Figure;
use JsonSerializable;

/** What the rolls that are opened give of a run, and the length of its elements at which they would just do. */
final readonly class RunYield implements JsonSerializable
{
    /**
     * @param  string  $part  by id
     * @param  Figure  $elements  how many they give, those that are asked for among them
     * @param  ?Figure  $length  the longest pitch, height or rise at which they are still enough, should they come as short as they may;
     *                           null where none is
     */
    public function __construct(public string $part, public Figure $elements, public ?Figure $length) {}

    /** @return non-empty-list<Figure> */
    public function figures(): array
    {
        return $this->length === null ? [$this->elements] : [$this->elements, $this->length];
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['part' => $this->part, 'elements' => $this->elements, 'length' => $this->length];
    }
}
