<?php

declare(strict_types=1);

namespace Davrin\Core\Material;

use Davrin\Core\Measure\Length;

/** Mesh that is there already: so many rolls, part rolls or pieces of a length. */
final readonly class OnHand
{
    /**
     * @param  ?bool  $byLabel  whether nobody measured it, so that it may come short; null where nobody said
     * @param  ?string  $lot  of which run of the mill it is, where somebody noted it
     * @param  ?int  $item  of the shelf that it was taken from
     * @param  ?string  $unit  that it was written in, and is again: "yd", "ft" or "m"; null where it is shown as any length
     */
    public function __construct(
        public int $count,
        public Length $length,
        public ?bool $byLabel = null,
        public ?string $lot = null,
        public ?int $item = null,
        public ?string $unit = null,
    ) {}

    /** Where nobody said it, a roll as it was bought is by its label, and what was opened is measured. */
    public function isByLabel(Length $roll): bool
    {
        return $this->byLabel ?? $this->length->equals($roll);
    }

    public function ofItem(?int $item): self
    {
        return new self($this->count, $this->length, $this->byLabel, $this->lot, $item, $this->unit);
    }
}
