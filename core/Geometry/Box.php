<?php

declare(strict_types=1);

namespace Davrin\Core\Geometry;

/** The upright rectangle round some points. */
final readonly class Box
{
    private function __construct(public float $left, public float $top, public float $right, public float $bottom) {}

    /** @param  list<array{float, float}>  $points */
    public static function around(array $points): self
    {
        [$left, $top] = $points[0] ?? [0.0, 0.0];
        [$right, $bottom] = [$left, $top];
        foreach ($points as [$x, $y]) {
            [$left, $top, $right, $bottom] = [min($left, $x), min($top, $y), max($right, $x), max($bottom, $y)];
        }

        return new self($left, $top, $right, $bottom);
    }

    public function wide(): float
    {
        return $this->right - $this->left;
    }

    public function high(): float
    {
        return $this->bottom - $this->top;
    }

    /**
     * With some more points in it.
     *
     * @param  list<array{float, float}>  $points
     */
    public function with(array $points): self
    {
        return self::around([[$this->left, $this->top], [$this->right, $this->bottom], ...$points]);
    }
}
