<?php

declare(strict_types=1);

namespace Davrin\Core\Result;

use JsonSerializable;

/** An edit together with the difference it makes, found by computing the edited plan. */
final readonly class Remedy implements JsonSerializable
{
    /**
     * @param  array<string, string>  $fill  what to write in which blanks, by address
     * @param  ?string  $leaveOut  the id of a layer to take away instead
     * @param  ?string  $partLots  the id of a mesh whose two lots are taken by turns instead
     */
    public function __construct(public string $label, public string $effect, public array $fill, public ?string $leaveOut = null, public ?string $partLots = null) {}

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['label' => $this->label, 'effect' => $this->effect, 'fill' => (object) $this->fill, 'leaveOut' => $this->leaveOut, 'partLots' => $this->partLots];
    }
}
