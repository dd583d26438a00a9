<?php

declare(strict_types=1);

namespace Davrin\Core\Measure;

/**
 * A length, exact. It is a whole number of units of 1/160 mm, in which both 1/32 in (127 units) and 1 mm are whole.
 * It may be negative: slack that is missing is a negative length.
 */
final readonly class Length
{
    public const PER_INCH = 4064;

    public const PER_MILLIMETRE = 160;

    private function __construct(public int $units) {}

    public static function zero(): self
    {
        return new self(0);
    }

    public static function ofUnits(int $units): self
    {
        return new self($units);
    }

    /** Whole inches and a fraction that the unit holds exactly: eighths, sixteenths, thirty-seconds. */
    public static function inches(int $whole, int $numerator = 0, int $denominator = 1): self
    {
        return new self($whole * self::PER_INCH + intdiv($numerator * self::PER_INCH, $denominator));
    }

    /** The length that is nearest to what a place, a drawing or an estimate says. */
    public static function nearInches(float $inches): self
    {
        return new self((int) round($inches * self::PER_INCH));
    }

    public static function yards(int $yards): self
    {
        return self::inches(36 * $yards);
    }

    public static function millimetres(int $millimetres): self
    {
        return new self($millimetres * self::PER_MILLIMETRE);
    }

    /** @param  iterable<self>  $lengths */
    public static function sum(iterable $lengths): self
    {
        $units = 0;
        foreach ($lengths as $length) {
            $units += $length->units;
        }

        return new self($units);
    }

    public function plus(self ...$others): self
    {
        $units = $this->units;
        foreach ($others as $other) {
            $units += $other->units;
        }

        return new self($units);
    }

    public function minus(self $other): self
    {
        return new self($this->units - $other->units);
    }

    public function times(int $count): self
    {
        return new self($this->units * $count);
    }

    /** The longest of some. */
    public static function longest(self $one, self ...$others): self
    {
        return new self(max([$one->units, ...array_map(fn (self $other): int => $other->units, array_values($others))]));
    }

    /** The shorter of this and another. */
    public function atMost(self $other): self
    {
        return $other->units < $this->units ? $other : $this;
    }

    public function isMoreThan(self $other): bool
    {
        return $this->units > $other->units;
    }

    public function isLessThan(self $other): bool
    {
        return $this->units < $other->units;
    }

    public function equals(self $other): bool
    {
        return $this->units === $other->units;
    }

    public function isZero(): bool
    {
        return $this->units === 0;
    }

    public function isNegative(): bool
    {
        return $this->units < 0;
    }

    public function isPositive(): bool
    {
        return $this->units > 0;
    }

    /** For places, angles and drawings only; never for what is cut, bought or kept. */
    public function toInches(): float
    {
        return $this->units / self::PER_INCH;
    }
}
