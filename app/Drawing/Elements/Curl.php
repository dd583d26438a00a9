<?php

namespace App\Drawing\Elements;

use App\Drawing\Patch;
use App\Drawing\Path;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Geometry\Point;

/** Mesh rolled up: a tube with its spiral to be seen at both ends, the more turns the closer. */
final class Curl
{
    /** How long the round of a tube's end is drawn, as it is seen a little from the side. */
    private const SLANT = 0.62;

    /**
     * @param  Place  $at  its middle, the tube lying along the outward way there
     * @param  float  $half  half its length, in inches
     */
    public static function patch(int $piece, Place $at, float $half, float $radius, float $turns, bool $mirrored = false): Patch
    {
        $radius = min($radius, $half * 0.6);
        $cap = $radius * self::SLANT;
        $side = fn (float $along): array => array_map(
            fn (float $out): Point => $at->beside($along, $out),
            [$half - $cap, 0.0, -$half + $cap],
        );
        $end = fn (int $which): array => array_map(
            fn (int $step): Point => $at->beside($radius * cos($step * M_PI / 6), $which * ($half - $cap) + $cap * sin($step * M_PI / 6)),
            range(0, 11),
        );
        $round = [
            ...array_map(
                fn (int $step): Point => $at->beside($radius * cos($step * M_PI / 6), $half - $cap + $cap * sin($step * M_PI / 6)),
                range(0, 6),
            ),
            $at->beside(-$radius, 0.0),
            ...array_map(
                fn (int $step): Point => $at->beside(-$radius * cos($step * M_PI / 6), -$half + $cap - $cap * sin($step * M_PI / 6)),
                range(0, 6),
            ),
            $at->beside($radius, 0.0),
        ];

        return new Patch(
            $piece,
            Path::smooth($round, closed: true),
            self::spiral($at, $half - $cap, $radius, $cap, $turns).self::spiral(
                $at,
                -$half + $cap,
                $radius,
                $cap,
                $turns,
            ).Path::smooth($side($radius * 0.25), closed: false),
            Path::smooth($end(1), closed: true).Path::smooth($end(-1), closed: true),
            Path::closed([...$side(-$radius * 0.65), ...array_reverse($side(-$radius * 0.1))]),
            $mirrored,
        );
    }

    private static function spiral(Place $at, float $out, float $radius, float $cap, float $turns): string
    {
        $turns = max(1.0, min(4.5, $turns));
        $points = [];
        for ($turn = 0.0; $turn <= $turns; $turn += 1 / 8) {
            $size = 1 - 0.85 * $turn / $turns;
            $points[] = $at->beside($radius * $size * cos(2 * M_PI * $turn), $out + $cap * $size * sin(2 * M_PI * $turn));
        }

        return Path::smooth($points, closed: false);
    }
}
