<?php

namespace App\Drawing\Elements;

use App\Drawing\Patch;
use App\Drawing\Path;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Geometry\Point;

/** A strip of ribbon from where it is pinched to its end, as wide as it is, and how its end is cut. */
final readonly class RibbonStrip
{
    /** Half the width of a pinch, in inches: what the ribbon is folded to under the stem. */
    private const PINCH = 0.16;

    /** How far from the pinch it has opened to its width, in widths. */
    private const OPENS = 0.9;

    /**
     * @param  Place  $at  where it is pinched; it runs the outward way from there
     * @param  float  $width  in inches
     * @param  string  $end  "dovetail", "slant" or "straight"
     * @param  float  $depth  of the dovetail, in inches
     */
    public function __construct(private Place $at, private float $width, private string $end, private float $depth) {}

    /**
     * @param  float  $length  that is seen, in inches
     * @param  float  $sways  how far its end has swung to the side, in inches
     */
    public function patch(int $piece, float $length, float $sways = 0.0): Patch
    {
        $half = $this->width / 2;
        $opens = min($length * 0.5, max(0.4, $this->width * self::OPENS));
        $side = fn (float $along, float $out): Point => $this->at->beside($along + $sways * ($out / $length) ** 2, $out);
        $pinch = min(self::PINCH, $half);
        $wide = fn (float $out): float => $out >= $opens ? $half : $pinch + ($half - $pinch) * sin($out / $opens * M_PI_2);
        $steps = array_map(fn (int $step): float => $length * $step / 8, range(0, 8));
        $edge = fn (float $part): array => array_map(fn (float $out): Point => $side($part * $wide($out), $out), $steps);
        [$left, $right] = [$edge(-1.0), $edge(1.0)];
        $tip = match ($this->end) {
            'dovetail' => [$side(0.0, $length - min($this->depth, $length * 0.6))],
            'slant' => [$side(-$half, max($length * 0.4, $length - $this->width * 0.6))],
            default => [],
        };
        if ($this->end === 'slant') {
            array_pop($left);
        }

        return new Patch(
            $piece,
            Path::closed([...$right, ...$tip, ...array_reverse($left)]),
            Path::line($edge(0.8)).Path::line($edge(-0.8))
                .Path::bend($side(0.0, 0.05), $side($half * 0.1, $opens * 0.6), $side($half * 0.25, $opens * 1.3)),
            Path::closed([$side(-self::PINCH / 2, 0.0), $side($half * 0.5, $opens * 0.8), $side(-$half * 0.35, $opens * 0.9)]),
            Path::closed([...array_slice($edge(0.1), 3), ...array_reverse(array_slice($edge(0.45), 3))]),
        );
    }

    /** A loop of it that stands out so far, seen flat: it goes out, turns over and comes back to the pinch. */
    public function loop(int $piece, float $size): Patch
    {
        $half = min($this->width / 2, $size * 0.42);
        $point = fn (float $along, float $out): Point => $this->at->beside($along, $out);
        $at = fn (array $parts): array => array_map(fn (array $part): Point => $point($half * $part[0], $size * $part[1]), $parts);
        $right = [[0.95, 0.4], [1.05, 0.75], [0.7, 0.97]];
        $left = array_map(fn (array $part): array => [-$part[0], $part[1]], array_reverse($right));

        return new Patch(
            $piece,
            Path::smooth(
                [$point(self::PINCH, 0.0), ...$at([...$right, [0.0, 1.0], ...$left]), $point(-self::PINCH, 0.0)],
                closed: true,
            ),
            Path::smooth($at([[0.55, 0.3], [0.62, 0.7], [0.4, 0.93]]), closed: false)
                .Path::bend(...$at([[0.0, 0.03], [-0.2, 0.3], [-0.3, 0.5]])),
            // The inside of the far end, where it turns over.
            Path::smooth($at([[0.55, 0.9], [0.0, 0.8], [-0.55, 0.9], [0.0, 0.985]]), closed: true),
            Path::closed($at([[0.15, 0.2], [0.45, 0.55], [0.1, 0.7], [-0.1, 0.4]])),
        );
    }
}
