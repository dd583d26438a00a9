<?php

namespace App\Drawing\CurledTails;

use App\Drawing\Elements\ElementShape;
use App\Drawing\Elements\RibbonBand;
use App\Drawing\Elements\Spread;
use App\Drawing\Patch;
use App\Drawing\Piece;
use App\Drawing\Shape;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Geometry\Point;

/** Tails in curls: each turn goes over in front and back behind, as on the spool it was wound on. */
final class CurledTailsShape implements ElementShape
{
    /** Of its length, how far a curled tail hangs. */
    private const HANGS = 0.6;

    private const FAN = 40.0;

    public function draw(Piece $piece): Shape
    {
        [$patches, $count] = [[], count($piece->lengths)];
        foreach ($piece->lengths as $which => $length) {
            $lean = $count === 1 ? 0.0 : ($which / ($count - 1) - 0.5) * self::FAN;
            foreach ([0.0, 180.0] as $side) {
                array_push($patches, ...self::tail($piece, $which, new Place(0.0, 0.0, $lean + $side), $length / 2));
            }
        }

        return new Shape([...$patches, Spread::stem(max(0, $count - 1))]);
    }

    /** @return list<Patch> */
    private static function tail(Piece $piece, int $which, Place $at, float $length): array
    {
        $spool = max(0.25, $piece->measure('spool'));
        $turns = max(1, (int) round($length / (M_PI * $spool)));
        $pitch = self::HANGS * $length / $turns;
        $width = min($piece->widths[$which] ?? 1.0, $pitch * 0.55);
        $line = fn (float $from, float $to, float $start, float $end): array => array_map(
            fn (int $step): Point => $at->beside($from + ($to - $from) * sin($step / 6 * M_PI_2), $start + ($end - $start) * $step / 6),
            range(0, 6),
        );
        [$behind, $front] = [[], []];
        foreach (range(0, $turns - 1) as $turn) {
            $start = $turn * $pitch;
            $half = $start + $pitch / 2;
            $front[] = RibbonBand::along($which, $line(-$spool / 2, $spool / 2, $start, $half), $width);
            $behind[] = RibbonBand::along($which, $line($spool / 2, -$spool / 2, $half, $start + $pitch), $width, isUnder: true);
        }

        return [...$behind, ...$front];
    }
}
