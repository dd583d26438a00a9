<?php

declare(strict_types=1);

namespace Davrin\Core\Demand;

use JsonSerializable;

/** One step of the work: what is done, with what, at which elements, how long it takes, and what must be done before it. */
final readonly class BuildStep implements JsonSerializable
{
    /**
     * @param  string  $key  its own within the plan: "ties.t1", "cut.m1", "parts.l1"
     * @param  string  $does  "Gather 18 ruffles and tie them on."
     * @param  string  $tool  what it is done with: "rotary cutter and ruler"
     * @param  list<string>  $elements  those it is done at, by id; none where it is done to the whole
     * @param  float  $minutes  all of it together (starting guesses, docs/craft-figures.md, or as learned)
     * @param  list<Caution>  $cautions
     * @param  list<string>  $after  steps that must be done before, by key
     * @param  ?string  $each  what is done at one element by itself, where that reads otherwise
     */
    public function __construct(
        public string $key,
        public Phase $phase,
        public string $does,
        public string $tool,
        public array $elements,
        public float $minutes,
        public array $cautions = [],
        public array $after = [],
        public ?string $each = null,
    ) {}

    /**
     * The same once these are done.
     *
     * @param  list<string>  $steps
     */
    public function after(array $steps): self
    {
        return $this->with($this->minutes, $steps);
    }

    /** The same where it takes so many minutes. */
    public function taking(float $minutes): self
    {
        return $this->with($minutes, $this->after);
    }

    /** @param  list<string>  $after */
    private function with(float $minutes, array $after): self
    {
        return new self(
            $this->key,
            $this->phase,
            $this->does,
            $this->tool,
            $this->elements,
            $minutes,
            $this->cautions,
            $after,
            $this->each,
        );
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'step' => $this->key,
            'phase' => $this->phase->value,
            'does' => $this->does,
            'tool' => $this->tool,
            'elements' => $this->elements,
            'minutes' => round($this->minutes, 2),
            'cautions' => array_map(fn (Caution $caution): string => $caution->value, $this->cautions),
            'after' => $this->after,
        ];
    }
}
