<?php

declare(strict_types=1);

namespace Davrin\Core\Words;

use JsonSerializable;

/** A computed figure with its reason: the steps it was made of, in words. */
final readonly class Figure implements JsonSerializable
{
    /**
     * @param  int|string  $value  exact, as a plan file would hold it
     * @param  string  $shown  rounded and in the plan's units
     * @param  non-empty-list<string>  $because
     * @param  ?string  $said  in a sentence, where it would not be understood without a word beside it
     */
    public function __construct(
        public string $label,
        public int|string $value,
        public string $shown,
        public array $because,
        public bool $estimate = false,
        private ?string $said = null,
    ) {}

    /** The figure in a sentence: a bare number says what it counts. */
    public function said(): string
    {
        return $this->said ?? (is_numeric($this->shown) ? "$this->shown $this->label" : $this->shown);
    }

    /** The same as an estimate, and why it is one. */
    public function asEstimate(string $why): self
    {
        $about = fn (string $words): string => str_starts_with($words, 'about ') ? $words : "about $words";
        $said = $this->said === null ? null : $about($this->said);

        return new self($this->label, $this->value, $about($this->shown), [...$this->because, $why], true, $said);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'label' => $this->label,
            'value' => $this->value,
            'shown' => $this->shown,
            'because' => $this->because,
            'estimate' => $this->estimate,
        ];
    }
}
