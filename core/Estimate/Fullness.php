<?php

declare(strict_types=1);

namespace Davrin\Core\Estimate;

use Davrin\Core\Words\Figure;
use JsonSerializable;

/** How full a piece or a part is (an estimate): square inches of mesh per inch of the form, and what makers would say of it. */
final readonly class Fullness implements JsonSerializable
{
    /**
     * @param  ?string  $verdict  "thin", "usual", "very full"; null where it says nothing
     * @param  string  $amount  "99.0 sq in of mesh per inch of form"
     * @param  float  $ofLeast  how large a part it is of what is just not thin
     * @param  float  $ofMost  how large a part it is of what is just not very full
     */
    public function __construct(
        public ?string $verdict,
        public Figure $figure,
        public string $amount = '',
        public float $ofLeast = 1.0,
        public float $ofMost = 1.0,
    ) {}

    /** How many times this mesh would just be usual: above 1 where it is thin, below where it is very full. */
    public function times(): float
    {
        return match (true) {
            $this->isThin() => 1 / $this->ofLeast,
            $this->isVeryFull() => 1 / $this->ofMost,
            default => 1.0,
        };
    }

    public function isThin(): bool
    {
        return $this->verdict === 'thin';
    }

    public function isVeryFull(): bool
    {
        return $this->verdict === 'very full';
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['verdict' => $this->verdict, ...$this->figure->jsonSerialize()];
    }
}
