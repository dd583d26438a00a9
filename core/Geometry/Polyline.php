<?php

declare(strict_types=1);

namespace Davrin\Core\Geometry;

/** Straight pieces from point to point; a curve is many short ones. Outward is to the left of the way it goes. */
final readonly class Polyline implements Line
{
    private const SAME_SPOT = 1e-6;

    /** @var non-empty-list<float> how far each point is from the first; for a closed line the way back to it comes last */
    public array $distances;

    /** @param  non-empty-list<Point>  $points */
    public function __construct(public array $points, private bool $closed)
    {
        $distances = [0.0];
        for ($i = 1; $i < count($points) + ($closed ? 1 : 0); $i++) {
            $distances[] = $distances[$i - 1] + $points[$i - 1]->distanceTo($points[$i % count($points)]);
        }
        $this->distances = $distances;
    }

    public function length(): float
    {
        return $this->distances[count($this->distances) - 1];
    }

    public function closed(): bool
    {
        return $this->closed;
    }

    public function at(float $distance): Place
    {
        $length = $this->length();
        $distance = $this->closed ? fmod(fmod($distance, $length) + $length, $length) : min(max($distance, 0.0), $length);
        $piece = $this->piece($distance);
        $from = $this->points[$piece];
        $to = $this->points[($piece + 1) % count($this->points)];
        $part = ($distance - $this->distances[$piece]) / max($this->distances[$piece + 1] - $this->distances[$piece], self::SAME_SPOT);

        $point = $from->towards($to, $part);

        return new Place($point->x, $point->y, $this->outward($piece, $distance));
    }

    public function stretch(float $from, float $to): array
    {
        $length = $this->length();
        $rounds = $this->closed ? range((int) floor($from / $length), (int) floor($to / $length)) : [0];
        $stretch = [$this->spot($from)];
        foreach ($rounds as $round) {
            foreach ($this->points as $index => $point) {
                $distance = $this->distances[$index] + $round * $length;
                if ($distance > $from + self::SAME_SPOT && $distance < $to - self::SAME_SPOT) {
                    $stretch[] = $point;
                }
            }
        }

        return $to - $from < self::SAME_SPOT || $this->closed && $to - $from > $length - self::SAME_SPOT
            ? $stretch
            : [...$stretch, $this->spot($to)];
    }

    /** The piece that so many inches from the first point lie on, counted from 0. */
    public function piece(float $distance): int
    {
        for ($piece = count($this->distances) - 2; $piece > 0; $piece--) {
            if ($distance >= $this->distances[$piece] - self::SAME_SPOT) {
                return $piece;
            }
        }

        return 0;
    }

    /** The way of a length of 1 that points outward from the piece that begins at a point, counted from 0. */
    public function normal(int $piece): Point
    {
        $from = $this->points[$piece];
        $to = $this->points[($piece + 1) % count($this->points)];
        $length = max($from->distanceTo($to), self::SAME_SPOT);

        return new Point(($to->y - $from->y) / $length, -($to->x - $from->x) / $length);
    }

    /** @return array{points: list<Point>, closed: bool} */
    public function jsonSerialize(): array
    {
        return [
            'points' => array_map(fn (Point $point): Point => $point->rounded(4), $this->points),
            'closed' => $this->closed,
        ];
    }

    /** So far along the line, or straight on past an end of it. */
    private function spot(float $distance): Point
    {
        $place = $this->at($distance);
        $past = $this->closed ? 0.0 : $distance - min(max($distance, 0.0), $this->length());
        $normal = $this->normal($past < 0.0 ? 0 : max(0, count($this->distances) - 2));

        return new Point($place->x - $past * $normal->y, $place->y + $past * $normal->x);
    }

    /** Degrees clockwise from 12 o'clock; at a corner it is half-way between the two sides. */
    private function outward(int $piece, float $distance): float
    {
        $normal = $this->normal($piece);
        $pieces = count($this->distances) - 1;
        if ($distance - $this->distances[$piece] < self::SAME_SPOT && ($piece > 0 || $this->closed)) {
            $before = $this->normal(($piece - 1 + $pieces) % $pieces);
            $normal = $normal->plus($before);
        }

        return fmod($normal->heading() + 360.0, 360.0);
    }
}
