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

    /** The sentence without its blanks being blanks. */
    public function text(): string
    {
        return implode('', array_map(fn (string|BlankPart $part): string => is_string($part) ? $part : $part->shown, $this->parts));
    }
}
