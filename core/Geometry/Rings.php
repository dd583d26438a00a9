<?php

declare(strict_types=1);

namespace Davrin\Core\Geometry;

/** Circles round one middle. */
final readonly class Rings implements Track
{
    /** @param  float  $radius of the outermost, in inches */
    public function __construct(private float $radius) {}

    public function line(float $inset): Circle
    {
        return new Circle($this->radius - $inset);
    }

    public function along(float $inset, float $spot): float
    {
        return $spot * ($this->radius - $inset) / $this->radius;
    }
}
