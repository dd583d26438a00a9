<?php

declare(strict_types=1);

namespace Davrin\Core\Demand;

use Davrin\Core\Measure\Length;

/** One element of a run: the mesh from the tie it begins at to the tie it ends at, and what it took to get to the first. */
final readonly class Step
{
    public function __construct(
        public Element $element,
        public int $from,
        public int $to,
        public Length $drop,
        public Length $pitch,
    ) {}

    /** The same once its element is one of several copies, or of several plans, by what they are told apart by. */
    public function ofPart(string $prefix): self
    {
        return new self($this->element->ofPart($prefix), $this->from, $this->to, $this->drop, $this->pitch);
    }

    public function length(): Length
    {
        return $this->drop->plus($this->pitch);
    }
}
