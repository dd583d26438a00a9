<?php

namespace App\Drawing;

use Davrin\Core\Form\Form;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Result\PartResult;

/** What an element's drawing is made from: where it hangs, how large it gets, and what was written of it. */
final readonly class Piece
{
    /**
     * @param  int  $seed  a little different for neighbours, and the same every time
     * @param  list<Place>  $ties  it hangs on, the first in the middle with outward up; as seen from the side that is drawn
     * @param  int  $pass  1 where it fills the space between two rows
     * @param  float  $middle  how far out the middle of all the wires lies from its first tie, in inches
     * @param  list<float>  $lengths  of its cut pieces, in inches
     * @param  list<float>  $widths  of the material of each, in inches
     */
    public function __construct(
        public PartResult $part,
        public Form $form,
        public bool $fromBehind,
        public int $seed,
        public array $ties,
        public int $pass = 0,
        public float $middle = 0.0,
        public array $lengths = [],
        public array $widths = [],
    ) {}

    public function tie(): Place
    {
        return $this->ties[0] ?? new Place(0.0, 0.0, 0.0);
    }

    /** Inches across the form from its row. */
    public function reach(): float
    {
        return $this->part->size->reach;
    }

    /** Inches along its row to each side. */
    public function span(): float
    {
        return $this->part->size->span;
    }

    /** A length in inches or a count that was written of it, by the key of its blank. */
    public function measure(string $key): float
    {
        return $this->part->measures[$key] ?? 0.0;
    }

    /** What was chosen of it, by the key of its blank. */
    public function choice(string $key, string $usual): string
    {
        return $this->part->choices[$key] ?? $usual;
    }

    /** Of the widest mesh, in inches. */
    public function width(): float
    {
        return $this->part->width;
    }

    /** How many pieces or strands go into it. */
    public function pieces(): int
    {
        return count($this->part->materials);
    }

    /** A number from -1 to 1 that is this piece's own. */
    public function whim(float $of): float
    {
        return sin($this->seed * 2.3 + $of * 1.7);
    }
}
