<?php

declare(strict_types=1);

namespace Davrin\Core\Recipe;

use Davrin\Core\Demand\Caution;
use Davrin\Core\Words\Figure;

/** One sentence of the recipe: words and blanks in order, and the figures that follow from it. */
final readonly class Line
{
    /**
     * @param  string  $address  of the slip whose blanks it shows
     * @param  list<string|BlankPart>  $parts
     * @param  list<Figure>  $figures
     * @param  list<Caution>  $cautions  what to mind at it
     */
    public function __construct(
        public string $address,
        public array $parts,
        public array $figures,
        public array $cautions = [],
    ) {}

    /**
     * The same with only some of what can be chosen in one of its blanks.
     *
     * @param  array<string, mixed>  $keys  by key
     */
    public function offering(string $address, array $keys): self
    {
        return new self($this->address, array_map(
            fn (string|BlankPart $part): string|BlankPart => $part instanceof BlankPart && $part->address === $address
                ? $part->offering($keys)
                : $part,
            $this->parts,
        ), $this->figures, $this->cautions);
    }

    /** The sentence without its blanks being blanks. */
    public function text(): string
    {
        return implode('', array_map(fn (string|BlankPart $part): string => is_string($part) ? $part : $part->shown, $this->parts));
    }
}
