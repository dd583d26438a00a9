<?php

declare(strict_types=1);

namespace Davrin\Core\Demand;

use Brick\Math\BigRational;

/** Counted goods that something takes: exact, since halves and thirds are pooled over the whole piece before they are rounded. */
final readonly class GoodsNeed
{
    /**
     * @param  string  $kind  of the material, by its key
     * @param  ?string  $material  which of that kind, by its id; null for the first of the plan
     * @param  ?string  $because  how many what takes: "18 ties, each a whole stem"; null where it is told with the others of its part
     */
    public function __construct(
        public string $kind,
        public BigRational $pieces,
        public ?string $because = null,
        public ?string $material = null,
    ) {}

    /** So many pieces, told with the others of their part. */
    public static function pieces(string $kind, int $pieces, ?string $material = null): self
    {
        return new self($kind, BigRational::of($pieces), material: $material);
    }

    /** A part of a piece, as 3/4 of a glue stick: pooled with all that the piece takes. */
    public static function part(string $kind, int $numerator, int $denominator, ?string $material = null): self
    {
        return new self($kind, BigRational::nd($numerator, $denominator), material: $material);
    }

    /** The same with how it comes about. */
    public function because(string $because): self
    {
        return new self($this->kind, $this->pieces, $because, $this->material);
    }
}
