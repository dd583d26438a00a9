<?php

declare(strict_types=1);

namespace Davrin\Core\Geometry;

use JsonSerializable;

/**
 * A flat thing of some shape that lies on a piece: a sign, or what another thing takes up. It knows what it covers. Inches from the
 * middle of the form, x to the right and y down; it lies upright, turned by so many degrees clockwise.
 */
final readonly class Board implements JsonSerializable
{
    /** Points round a whole oval. */
    private const ROUND = 48;

    /** A point so close to the edge lies on it and not within, in inches. */
    private const ON_THE_EDGE = 1e-6;

    /** @param  non-empty-list<Point>  $corners  round it, as parts of half its width and of half its height: from -1 to 1 */
    private function __construct(
        private array $corners,
        private bool $isOval,
        public Point $middle,
        public float $wide,
        public float $high,
        public float $turned,
    ) {}

    public static function rectangle(Point $middle, float $wide, float $high, float $turned = 0.0): self
    {
        return new self(Point::list([[-1.0, -1.0], [1.0, -1.0], [1.0, 1.0], [-1.0, 1.0]]), false, $middle, $wide, $high, $turned);
    }

    public static function oval(Point $middle, float $wide, float $high, float $turned = 0.0): self
    {
        static $known = null;
        /** @var non-empty-list<Point> $corners */
        $corners = $known ??= self::arc(0.0, 360.0, self::ROUND);

        return new self($corners, true, $middle, $wide, $high, $turned);
    }

    /** Straight below and round above, as a tombstone or a window. */
    public static function arch(Point $middle, float $wide, float $high, float $turned = 0.0): self
    {
        // The round part is half of an oval as wide as the board; a low board is all round.
        $rise = min(1.0, $wide / $high);
        $round = array_map(
            fn (Point $point): Point => new Point($point->x, $rise - 1.0 + $point->y * $rise),
            self::arc(-90.0, 90.0, intdiv(self::ROUND, 2)),
        );

        return new self([...$round, new Point(1.0, 1.0), new Point(-1.0, 1.0)], false, $middle, $wide, $high, $turned);
    }

    /**
     * Of any outline, stretched to its width and height.
     *
     * @param  non-empty-list<Point>  $points  in any measure
     */
    public static function of(array $points, Point $middle, float $wide, float $high, float $turned = 0.0): self
    {
        $box = Box::around($points);
        $part = fn (float $at, float $from, float $size): float => $size > 0.0 ? 2 * ($at - $from) / $size - 1 : 0.0;
        $corners = array_map(fn (Point $point): Point => new Point(
            $part($point->x, $box->left, $box->wide()),
            $part($point->y, $box->top, $box->high()),
        ), $points);

        return new self($corners, false, $middle, $wide, $high, $turned);
    }

    /** The same of another size round the same middle, as parts of its width and height. */
    public function scaled(float $wide, float $high): self
    {
        return new self($this->corners, $this->isOval, $this->middle, $this->wide * $wide, $this->high * $high, $this->turned);
    }

    /** The same with so much more on every side. */
    public function widened(float $by): self
    {
        return new self($this->corners, $this->isOval, $this->middle, $this->wide + 2 * $by, $this->high + 2 * $by, $this->turned);
    }

    /** Whether a point lies within it; one on its edge does not. */
    public function holds(Point $point): bool
    {
        $own = $this->own($point);
        if ($this->isOval) {
            return $own->x ** 2 + $own->y ** 2 < 1.0 - self::ON_THE_EDGE;
        }
        // No corner lies farther out than 1.
        if (abs($own->x) > 1.0 || abs($own->y) > 1.0) {
            return false;
        }
        $holds = false;
        $last = $this->corners[count($this->corners) - 1];
        foreach ($this->corners as $corner) {
            if ($this->distance($own, $last, $corner) < self::ON_THE_EDGE) {
                return false;
            }
            if (($corner->y > $own->y) !== ($last->y > $own->y)) {
                $crosses = $corner->x + ($own->y - $corner->y) / ($last->y - $corner->y) * ($last->x - $corner->x);
                $holds = $own->x < $crosses ? ! $holds : $holds;
            }
            $last = $corner;
        }

        return $holds;
    }

    /** Whether any of another lies on it. */
    public function overlaps(self $other): bool
    {
        $apart = $this->middle->distanceTo($other->middle);
        if ($apart >= $this->reach() + $other->reach()) {
            return false;
        }
        // Round ones as far apart as they reach touch and no more.
        if ($this->isRound() && $other->isRound()) {
            return true;
        }
        $holds = fn (self $one, self $its): bool => array_filter([$its->middle, ...$its->outline()], $one->holds(...)) !== [];

        return $holds($this, $other) || $holds($other, $this) || $this->crosses($other);
    }

    /** @return non-empty-list<Point> round it */
    public function outline(): array
    {
        return array_map($this->at(...), $this->corners);
    }

    /** @return non-empty-list<Point> round it as it lies flat: not turned, and its middle in the middle */
    public function flat(): array
    {
        return array_map(
            fn (Point $corner): Point => new Point($corner->x * $this->wide / 2, $corner->y * $this->high / 2),
            $this->corners,
        );
    }

    /** A point of it by its parts of half the width and of half the height. */
    public function at(Point $part): Point
    {
        [$sin, $cos] = [sin(deg2rad($this->turned)), cos(deg2rad($this->turned))];
        [$x, $y] = [$part->x * $this->wide / 2, $part->y * $this->high / 2];

        return new Point($this->middle->x + $x * $cos - $y * $sin, $this->middle->y + $x * $sin + $y * $cos);
    }

    public function box(): Box
    {
        return Box::around($this->outline());
    }

    /** A point as parts of half the width and of half the height. */
    public function own(Point $point): Point
    {
        [$sin, $cos] = [sin(deg2rad($this->turned)), cos(deg2rad($this->turned))];
        $way = $point->minus($this->middle);

        return new Point(
            ($way->x * $cos + $way->y * $sin) * 2 / $this->wide,
            ($way->y * $cos - $way->x * $sin) * 2 / $this->high,
        );
    }

    /** The same for two boards that cover the same, and for no others. */
    public function digest(): string
    {
        return pack('d*', $this->middle->x, $this->middle->y, $this->wide, $this->high, $this->turned)
            .($this->isOval ? 'oval' : serialize($this->corners));
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'x' => round($this->middle->x, 4),
            'y' => round($this->middle->y, 4),
            'wide' => round($this->wide, 4),
            'high' => round($this->high, 4),
            'turned' => round($this->turned, 2),
            'outline' => array_map(fn (Point $point): Point => $point->rounded(4), $this->outline()),
        ];
    }

    /** How far any of it is from its middle at the most. */
    private function reach(): float
    {
        return $this->isOval ? max($this->wide, $this->high) / 2 : hypot($this->wide, $this->high) / 2;
    }

    private function isRound(): bool
    {
        return $this->isOval && abs($this->wide - $this->high) < self::ON_THE_EDGE;
    }

    private function crosses(self $other): bool
    {
        [$mine, $its] = [$this->outline(), $other->outline()];
        foreach ($mine as $i => $from) {
            $way = $mine[($i + 1) % count($mine)]->minus($from);
            foreach ($its as $j => $start) {
                $along = $its[($j + 1) % count($its)]->minus($start);
                $cross = $way->cross($along);
                if (abs($cross) > self::ON_THE_EDGE) {
                    $mineAt = $start->minus($from)->cross($along) / $cross;
                    $itsAt = $start->minus($from)->cross($way) / $cross;
                    if ($mineAt > 0.0 && $mineAt < 1.0 && $itsAt > 0.0 && $itsAt < 1.0) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    /** How far a point is from a stretch, in inches; all three as parts of the half width and height. */
    private function distance(Point $point, Point $from, Point $to): float
    {
        // In plain numbers: this is asked more often than anything else of a board.
        [$halfWide, $halfHigh] = [$this->wide / 2, $this->high / 2];
        [$atX, $atY] = [$point->x * $halfWide - $from->x * $halfWide, $point->y * $halfHigh - $from->y * $halfHigh];
        [$wayX, $wayY] = [$to->x * $halfWide - $from->x * $halfWide, $to->y * $halfHigh - $from->y * $halfHigh];
        $length = $wayX * $wayX + $wayY * $wayY;
        $part = $length > 0.0 ? max(0.0, min(1.0, ($atX * $wayX + $atY * $wayY) / $length)) : 0.0;

        return hypot($atX - $wayX * $part, $atY - $wayY * $part);
    }

    /** @return non-empty-list<Point> of a circle of 1, clockwise from one angle to another, from 12 o'clock on */
    private static function arc(float $from, float $to, int $steps): array
    {
        return array_map(function (int $step) use ($from, $to, $steps): Point {
            $radians = deg2rad($from + ($to - $from) * $step / $steps);

            return new Point(sin($radians), -cos($radians));
        }, range(0, $steps - ($to - $from >= 360.0 ? 1 : 0)));
    }
}
