<?php

declare(strict_types=1);

namespace Davrin\Core\Result;

use Davrin\Core\Edit\Edit;
use JsonSerializable;

/** An edit together with the difference it makes, found by computing the edited plan. */
final readonly class Remedy implements JsonSerializable
{
    /**
     * @param  string  $label  "Cut 18 1/2 in each"
     * @param  string  $effect  "uses 333 in, leaves 27 in"
     */
    public function __construct(public string $label, public string $effect, public Edit $edit) {}

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['label' => $this->label, 'effect' => $this->effect, 'edit' => $this->edit->asData()];
    }
}
