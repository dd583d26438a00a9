<?php

declare(strict_types=1);

namespace Davrin\Core\Geometry;

/**
 * A point of the form in inches from its middle, x to the right and y down; which way is outward there, in degrees
 * clockwise from 12 o'clock; and how much the row bends there, as 1 / the radius in inches (0 where it is straight).
 */
final readonly class Place
{
    public function __construct(public float $x, public float $y, public float $outward, public float $bend = 0.0) {}

    /** $radius inches from the middle at $angle degrees clockwise from 12 o'clock, on a circle round the middle. */
    public static function polar(float $radius, float $angle): self
    {
        $radians = deg2rad($angle);

        return new self($radius * sin($radians), -$radius * cos($radians), fmod($angle, 360.0), 1 / $radius);
    }

    /** How far out the row lies here: from the middle of the form, measured the outward way. On a ring it is the radius. */
    public function out(): float
    {
        $radians = deg2rad($this->outward);

        return $this->x * sin($radians) - $this->y * cos($radians);
    }

    public function point(): Point
    {
        return new Point($this->x, $this->y);
    }

    /** The point $along inches further on the row (clockwise, seen from the middle) and $out inches outward of it. */
    public function beside(float $along, float $out): Point
    {
        $radians = deg2rad($this->outward);
        if (abs($this->bend) < 1e-6) {
            return new Point(
                $this->x + $along * cos($radians) + $out * sin($radians),
                $this->y + $along * sin($radians) - $out * cos($radians),
            );
        }
        $radius = 1 / $this->bend;
        $turned = $radians + $along / max(abs($radius), 1.0) * ($radius <=> 0.0);
        $reach = max($radius + $out, 0.25);

        return new Point(
            $this->x - $radius * sin($radians) + $reach * sin($turned),
            $this->y + $radius * cos($radians) - $reach * cos($turned),
        );
    }

    /**
     * An outline here.
     *
     * @param  non-empty-list<array{float, float}>  $parts  how far along and how far out each of its points is, as parts of those two
     * @param  float  $along  in inches
     * @param  float  $out  in inches
     * @return non-empty-list<Point>
     */
    public function outline(array $parts, float $along, float $out): array
    {
        return array_map(fn (array $part): Point => $this->beside($along * $part[0], $out * $part[1]), $parts);
    }

    /** The same place, with what stands there turned by so many degrees clockwise. */
    public function turned(float $degrees): self
    {
        return new self($this->x, $this->y, fmod($this->outward + $degrees + 720.0, 360.0), $this->bend);
    }

    /** The same place seen from the back: mirrored left to right. */
    public function fromBehind(): self
    {
        return new self(-$this->x, $this->y, fmod(360.0 - $this->outward, 360.0), $this->bend);
    }

    /** The same place as one sees it who stands at another, outward up: that one's own place is the middle. */
    public function seenFrom(self $other): self
    {
        $radians = deg2rad($other->outward);
        [$x, $y] = [$this->x - $other->x, $this->y - $other->y];

        return new self(
            $x * cos($radians) + $y * sin($radians),
            $y * cos($radians) - $x * sin($radians),
            fmod($this->outward - $other->outward + 360.0, 360.0),
            $this->bend,
        );
    }
}
