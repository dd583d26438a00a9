<?php

namespace App\Drawing\Elements;

use App\Drawing\Patch;
use App\Drawing\Piece;
use App\Drawing\Shape;
use Davrin\Core\Geometry\Place;

/** Strips of ribbon pinched together: stacked, side by side or crossed, each as wide and as long as it is, the last on top. */
final class RibbonSpray
{
    /** Of half a strip's length, what is seen of it as it bends over the mesh (a guess). */
    private const SEEN = 0.86;

    /** How far strips are turned against each other, in degrees from the first to the last. */
    private const FAN = ['stacked' => 26.0, 'beside' => 64.0];

    /** How far each of a crossed pair leans. */
    private const CROSS = 36.0;

    public static function shape(Piece $piece, float $turned = 0.0): Shape
    {
        [$patches, $count] = [[], count($piece->lengths)];
        $laid = $piece->choice('laid', 'stacked');
        foreach ($piece->lengths as $which => $length) {
            $lean = $turned + match (true) {
                $laid === 'crossed' => ($which % 2 === 0 ? -1 : 1) * (self::CROSS - 7.0 * intdiv($which, 2)),
                $count === 1 => 0.0,
                default => ($which / ($count - 1) - 0.5) * (self::FAN[$laid] ?? 20.0),
            };
            foreach ($piece->choice('held', 'middle') === 'end' ? [0.0] : [180.0, 0.0] as $side) {
                $strip = self::strip($piece, $which, new Place(0.0, 0.0, $lean + $side));
                $seen = self::SEEN * ($side === 0.0 && $piece->choice('held', 'middle') === 'end' ? $length : $length / 2);
                $patches[] = $strip->patch($which, $seen, 0.05 * $length * $piece->whim($which + $side));
            }
        }
        $loop = $piece->measure('topLoop');
        foreach ($loop > 0.0 ? [90.0, -90.0] : [] as $side) {
            $patches[] = self::strip($piece, $count - 1, new Place(0.0, 0.0, $turned + $side))->loop($count - 1, $loop);
        }

        return new Shape([...$patches, Spread::stem(max(0, $count - 1))]);
    }

    public static function strip(Piece $piece, int $which, Place $at): RibbonStrip
    {
        return new RibbonStrip(
            $at,
            $piece->widths[$which] ?? $piece->width(),
            $piece->choice('ends', 'straight'),
            $piece->measure('depth'),
        );
    }

    /** @return list<Patch> */
    public static function hanging(Piece $piece, int $which, float $length): array
    {
        return [self::strip($piece, $which, new Place(0.0, 0.0, 180.0))->patch($which, $length, 0.06 * $length * $piece->whim($length))];
    }
}
