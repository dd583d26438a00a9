<?php

namespace App\Editor;

use App\Drawing\Side;
use App\Models\SavedPlan;
use Illuminate\Http\Request;

/** Which plan is looked at, and how: from which side, with which tie lit, with its mesh or without. Not part of the plan. */
final readonly class View
{
    private function __construct(private string $plan, public Side $side, public ?int $tie, public bool $mesh) {}

    public static function of(SavedPlan $plan, Request $request): self
    {
        [$side, $tie] = [$request->input('side'), $request->input('tie')];

        return new self(
            route('plans.show', $plan),
            is_string($side) ? Side::tryFrom($side) ?? Side::Front : Side::Front,
            is_numeric($tie) ? (int) $tie : null,
            $request->input('mesh') !== 'off',
        );
    }

    public function seenFrom(Side $side): self
    {
        return new self($this->plan, $side, $this->tie, $this->mesh);
    }

    /** Lights a tie, or puts it out where it is lit already. */
    public function litTie(?int $tie): self
    {
        return new self($this->plan, $this->side, $tie === $this->tie ? null : $tie, $this->mesh);
    }

    public function withMesh(bool $mesh): self
    {
        return new self($this->plan, $this->side, $this->tie, $mesh);
    }

    /** @return array<string, string|int> what differs from the usual */
    public function query(): array
    {
        return [
            ...($this->side === Side::Front ? [] : ['side' => $this->side->value]),
            ...($this->tie === null ? [] : ['tie' => $this->tie]),
            ...($this->mesh ? [] : ['mesh' => 'off']),
        ];
    }

    /** The editor, looked at this way. */
    public function url(): string
    {
        return rtrim($this->plan.'?'.http_build_query($this->query()), '?');
    }

    /** The same, with every remedy looked for, however long that takes. */
    public function thorough(): string
    {
        return $this->plan.'?'.http_build_query([...$this->query(), 'thorough' => 1]);
    }

    /** Where a change of the plan is sent: "edits", "undo", "redo". */
    public function to(string $change): string
    {
        return "$this->plan/$change";
    }
}
