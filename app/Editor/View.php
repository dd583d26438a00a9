<?php

namespace App\Editor;

use Illuminate\Http\Request;

/** How the one at the screen looks at a plan: from which side, with which tie lit. Not part of the plan. */
final readonly class View
{
    public function __construct(public Side $side = Side::Front, public ?int $tie = null, public bool $mesh = true) {}

    public static function of(Request $request): self
    {
        $tie = $request->input('tie');

        return new self(
            is_string($side = $request->input('side')) ? Side::tryFrom($side) ?? Side::Front : Side::Front,
            is_numeric($tie) ? (int) $tie : null,
            $request->input('mesh') !== 'off',
        );
    }

    public function seenFrom(Side $side): self
    {
        return new self($side, $this->tie, $this->mesh);
    }

    /** Lights a tie, or puts it out where it is lit already. */
    public function litTie(?int $tie): self
    {
        return new self($this->side, $tie === $this->tie ? null : $tie, $this->mesh);
    }

    public function withMesh(bool $mesh): self
    {
        return new self($this->side, $this->tie, $mesh);
    }

    /** @return array<string, string|int> what differs from the usual, for a link */
    public function query(): array
    {
        return [
            ...($this->side === Side::Front ? [] : ['side' => $this->side->value]),
            ...($this->tie === null ? [] : ['tie' => $this->tie]),
            ...($this->mesh ? [] : ['mesh' => 'off']),
        ];
    }
}
