<?php

namespace App\Guide;

use App\Drawing\Ink;
use App\Drawing\Patch;
use App\Drawing\Path;
use Davrin\Core\Geometry\Box;
use Davrin\Core\Geometry\Point;

/** One drawing of the guide: what lies on the table, layer over layer, in inches. */
final readonly class Scene
{
    /**
     * @param  Box  $box  what is seen, in inches
     * @param  list<array{patch?: Patch, ink?: Ink, turn?: string, class?: string, path?: string, text?: string, x?: float,
     *     y?: float}>  $layers
     */
    private function __construct(public Box $box, public array $layers) {}

    /** A table so wide and high, its middle in the middle. */
    public static function of(float $wide, float $high): self
    {
        return new self(Box::around([new Point(-$wide / 2, -$high / 2), new Point($wide / 2, $high / 2)]), []);
    }

    /** What is seen, with room round it, whatever lies on it. */
    public static function round(Box $box): self
    {
        return new self($box, []);
    }

    /**
     * @param  Ink|string  $ink  "a", "b" for mesh, "r" for ribbon
     * @param  string  $turn  how it lies otherwise than it should, as SVG says it
     */
    public function patch(Patch $patch, Ink|string $ink = 'a', string $turn = ''): self
    {
        return $this->with(['patch' => $patch, 'ink' => is_string($ink) ? Palette::of($ink) : $ink, 'turn' => $turn]);
    }

    /** @return array<string, Ink> what it is drawn in, by id */
    public function inks(): array
    {
        $inks = [];
        foreach ($this->layers as $layer) {
            $inks += isset($layer['ink']) ? [$layer['ink']->id => $layer['ink']] : [];
        }

        return $inks;
    }

    /**
     * @param  string  $class  what it is: "wire", "stem", "wood", "metal", "glue", "arrow", "measure", "wrong"
     * @param  list<Point>  $points
     */
    public function line(string $class, array $points): self
    {
        return $this->path($class, Path::line($points));
    }

    /** @param  list<Point>  $points */
    public function area(string $class, array $points): self
    {
        return $this->path($class, Path::closed($points));
    }

    /** @param  non-empty-list<Point>  $points */
    public function curve(string $class, array $points, bool $closed = false): self
    {
        return $this->path($class, Path::smooth($points, $closed));
    }

    public function path(string $class, string $path): self
    {
        return $this->with(['class' => $class, 'path' => $path]);
    }

    public function text(float $x, float $y, string $text): self
    {
        return $this->with(['text' => $text, 'x' => $x * Path::SCALE, 'y' => $y * Path::SCALE]);
    }

    /** An arrow along some points, its head at the last. */
    public function arrow(Point ...$points): self
    {
        $to = $points[count($points) - 1];
        $from = $points[count($points) - 2];
        $long = max(0.01, $from->distanceTo($to));
        [$x, $y] = [($to->x - $from->x) / $long, ($to->y - $from->y) / $long];
        $head = fn (float $side): Point => new Point($to->x - 0.8 * $x - $side * 0.45 * $y, $to->y - 0.8 * $y + $side * 0.45 * $x);

        return $this->curve('arrow', array_values($points))->line('arrow', [$head(1), $to, $head(-1)]);
    }

    /** A circle round what has gone wrong. */
    public function wrong(float $x, float $y, float $radius): self
    {
        return $this->curve('wrong', self::circle($x, $y, $radius), closed: true);
    }

    /** How long something is, between two points, with its figure beside it. */
    public function measure(Point $from, Point $to, string $figure): self
    {
        $isUpright = abs($to->x - $from->x) < abs($to->y - $from->y);
        $end = fn (Point $at): array => $isUpright
            ? [new Point($at->x - 0.3, $at->y), new Point($at->x + 0.3, $at->y)]
            : [new Point($at->x, $at->y - 0.3), new Point($at->x, $at->y + 0.3)];

        return $this->line('measure', [$from, $to])->line('measure', $end($from))->line('measure', $end($to))
            ->text(($from->x + $to->x) / 2 + ($isUpright ? 1.0 : 0.0), ($from->y + $to->y) / 2 + ($isUpright ? 0.25 : 1.2), $figure);
    }

    /** @return non-empty-list<Point> */
    public static function circle(float $x, float $y, float $radius, ?float $high = null): array
    {
        return array_map(fn (int $step): Point => new Point(
            $x + $radius * sin($step * M_PI / 6),
            $y - ($high ?? $radius) * cos($step * M_PI / 6),
        ), range(0, 11));
    }

    /** @return non-empty-list<Point> */
    public static function rectangle(float $x, float $y, float $wide, float $high): array
    {
        return [
            new Point($x - $wide / 2, $y - $high / 2), new Point($x + $wide / 2, $y - $high / 2),
            new Point($x + $wide / 2, $y + $high / 2), new Point($x - $wide / 2, $y + $high / 2),
        ];
    }

    /**
     * @param  array{patch?: Patch, ink?: Ink, turn?: string, class?: string, path?: string, text?: string, x?: float,
     *     y?: float}  $layer
     */
    private function with(array $layer): self
    {
        return new self($this->box, [...$this->layers, $layer]);
    }
}
