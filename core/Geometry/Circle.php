<?php

declare(strict_types=1);

namespace Davrin\Core\Geometry;

/** Round the middle of the form, from 12 o'clock clockwise. */
final readonly class Circle implements Line
{
    public function __construct(public float $radius) {}

    public function length(): float
    {
        return 2 * M_PI * $this->radius;
    }

    public function closed(): bool
    {
        return true;
    }

    public function at(float $distance): Place
    {
        return Place::polar($this->radius, rad2deg($distance / $this->radius));
    }

    public function stretch(float $from, float $to): array
    {
        $steps = max(1, (int) ceil(($to - $from) / $this->length() * 36));
        $whole = $to - $from > $this->length() - 1e-6;

        return array_map(
            fn (int $step): Point => $this->at($from + ($to - $from) * $step / $steps)->point(),
            range(0, $whole ? $steps - 1 : $steps),
        );
    }

    /** @return array{radius: float} */
    public function jsonSerialize(): array
    {
        return ['radius' => round($this->radius, 4)];
    }
}
