<?php

declare(strict_types=1);

namespace Davrin\Core\Recipe;

use Davrin\Core\Blank\Field;

/** A blank where it stands in its sentence. */
final readonly class BlankPart
{
    /**
     * @param  string  $address  of the blank: "parts.l1.length"
     * @param  string  $shown  what it shows, and takes back unchanged
     * @param  string  $value  as a plan file holds it: the chosen key where there are options
     * @param  array<string, string>  $options  words by key; empty where it is typed
     * @param  list<list<Field>>  $fields  where it is written in several, entry by entry; empty where it is written in one
     * @param  ?string  $folded  a long list in few words, under which it is folded; null where it is short
     */
    public function __construct(
        public string $address,
        public string $label,
        public string $shown,
        public string $value,
        public array $options,
        public bool $isColour,
        public array $fields,
        public ?string $folded = null,
    ) {}

    /**
     * The same with only some of what can be chosen.
     *
     * @param  array<string, mixed>  $keys  by key
     */
    public function offering(array $keys): self
    {
        return new self(
            $this->address,
            $this->label,
            $this->shown,
            $this->value,
            array_intersect_key($this->options, $keys),
            $this->isColour,
            $this->fields,
            $this->folded,
        );
    }
}
