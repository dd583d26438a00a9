<?php

declare(strict_types=1);

namespace Davrin\Core\Geometry;

/** The upright rectangle round some points. */
final readonly class Box
{
    private function __construct(public float $left, public float $top, public float $right, public float $bottom) {}

    /** @param  list<Point>  $points */
    public static function around(array $points): self
    {
        $first = $points[0] ?? Point::middle();
        [$left, $top, $right, $bottom] = [$first->x, $first->y, $first->x, $first->y];
        foreach ($points as $point) {
            [$left, $right] = [min($left, $point->x), max($right, $point->x)];
            [$top, $bottom] = [min($top, $point->y), max($bottom, $point->y)];
        }

        return new self($left, $top, $right, $bottom);
    }

    /** A square round the middle of the form, so far to each side. */
    public static function square(float $half): self
    {
        return new self(-$half, -$half, $half, $half);
    }

    public function times(float $factor): self
    {
        return new self($this->left * $factor, $this->top * $factor, $this->right * $factor, $this->bottom * $factor);
    }

    /** Moved so far right and down. */
    public function plus(Point $way): self
    {
        return new self($this->left + $way->x, $this->top + $way->y, $this->right + $way->x, $this->bottom + $way->y);
    }

    /** With so much more on every side. */
    public function widened(float $margin): self
    {
        return new self($this->left - $margin, $this->top - $margin, $this->right + $margin, $this->bottom + $margin);
    }

    /** Mirrored left to right, as it is seen from the back. */
    public function fromBehind(): self
    {
        return new self(-$this->right, $this->top, -$this->left, $this->bottom);
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
     * @param  list<Point>  $points
     */
    public function with(array $points): self
    {
        return self::around([new Point($this->left, $this->top), new Point($this->right, $this->bottom), ...$points]);
    }
}
