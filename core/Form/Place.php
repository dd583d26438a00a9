<?php

declare(strict_types=1);

namespace Davrin\Core\Form;

/** A point of the form in inches from its middle, and which way is outward there, in degrees clockwise from 12 o'clock. */
final readonly class Place
{
    public function __construct(public float $x, public float $y, public float $outward) {}

    /** $radius inches from the middle at $angle degrees clockwise from 12 o'clock. */
    public static function polar(float $radius, float $angle): self
    {
        $radians = deg2rad($angle);

        return new self($radius * sin($radians), -$radius * cos($radians), fmod($angle, 360.0));
    }

    public function radius(): float
    {
        return hypot($this->x, $this->y);
    }

    /** The same place seen from the back: mirrored left to right. */
    public function fromBehind(): self
    {
        return new self(-$this->x, $this->y, fmod(360.0 - $this->outward, 360.0));
    }
}
