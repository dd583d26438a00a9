<?php

declare(strict_types=1);

namespace Davrin\Core\Geometry;

use JsonSerializable;

/** A point in inches from the middle of the form, x to the right and y down; or a way from one point to another. */
final readonly class Point implements JsonSerializable
{
    public function __construct(public float $x, public float $y) {}

    /**
     * @param  non-empty-list<array{float, float}>  $pairs  x and y of each
     * @return non-empty-list<self>
     */
    public static function list(array $pairs): array
    {
        return array_map(fn (array $pair): self => new self(...$pair), $pairs);
    }

    public static function middle(): self
    {
        return new self(0.0, 0.0);
    }

    public function plus(self $way): self
    {
        return new self($this->x + $way->x, $this->y + $way->y);
    }

    /** The way here from another point. */
    public function minus(self $other): self
    {
        return new self($this->x - $other->x, $this->y - $other->y);
    }

    public function times(float $factor): self
    {
        return new self($this->x * $factor, $this->y * $factor);
    }

    /** So far on the straight way to another point: 0 is here, 1 is there. */
    public function towards(self $other, float $part): self
    {
        return new self($this->x + ($other->x - $this->x) * $part, $this->y + ($other->y - $this->y) * $part);
    }

    /** The scalar product of two ways: above 0 where they go more or less the same way, below 0 where they go against each other. */
    public function dot(self $other): float
    {
        return $this->x * $other->x + $this->y * $other->y;
    }

    /** The cross product of two ways, z of it: above 0 where the other turns off clockwise, as y goes down. */
    public function cross(self $other): float
    {
        return $this->x * $other->y - $this->y * $other->x;
    }

    /** How long a way is. */
    public function length(): float
    {
        return hypot($this->x, $this->y);
    }

    public function distanceTo(self $other): float
    {
        return hypot($other->x - $this->x, $other->y - $this->y);
    }

    /** Degrees clockwise from 12 o'clock, from -180 to 180, that a way goes. */
    public function heading(): float
    {
        return rad2deg(atan2($this->x, -$this->y));
    }

    /** Mirrored left to right, as it is seen from the back. */
    public function fromBehind(): self
    {
        return new self(-$this->x, $this->y);
    }

    public function equals(self $other): bool
    {
        return $this->x === $other->x && $this->y === $other->y;
    }

    public function rounded(int $decimals): self
    {
        return new self(round($this->x, $decimals) + 0.0, round($this->y, $decimals) + 0.0);
    }

    /** @return array{float, float} */
    public function jsonSerialize(): array
    {
        return [$this->x, $this->y];
    }
}
