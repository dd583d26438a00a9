<?php

namespace App\Drawing\Elements;

use App\Drawing\Patch;
use App\Drawing\Path;
use App\Drawing\Piece;
use App\Drawing\Shape;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Geometry\Point;
use Davrin\Core\Part\BowPiece;

/** A bow from the front: its tails hang, its loops stand left and right, the largest lowest, and its middle is pinched. */
abstract class BowShape implements ElementShape, StandsUpright
{
    /** How far the loops of a side are fanned at the most, from the first to the last, in degrees. */
    private const FAN = 108.0;

    /** How far two loops of a side are turned against each other, if there is room. */
    private const APART = 34.0;

    /** Whether its tails hang down, or go to all sides. */
    public function tailsHang(): bool
    {
        return true;
    }

    public function draw(Piece $piece): Shape
    {
        $top = max(0, count($piece->part->bow) - 1);

        return new Shape([...$this->tails($piece), ...$this->loops($piece), self::middle($top, $piece->widths[$top] ?? 1.0)]);
    }

    /** @return list<Patch> */
    protected function tails(Piece $piece): array
    {
        [$patches, $hung] = [[], 0];
        foreach ($piece->part->bow as $which => $its) {
            foreach ($its->tails as $index => $tail) {
                $lean = ($index % 2 === 0 ? 1 : -1) * (15.0 + 9.0 * intdiv($hung, 2));
                $patches[] = self::tail($piece, $which, 180.0 + $lean, $tail->toInches());
                $hung++;
            }
        }

        return $patches;
    }

    /** @return list<Patch> */
    protected function loops(Piece $piece): array
    {
        $sides = [[], []];
        foreach ($piece->part->bow as $which => $its) {
            foreach ($its->loops as $index => $loop) {
                $sides[$index % 2][] = [$loop->toInches(), $which];
            }
        }
        $patches = [];
        foreach ($sides as $side => $loops) {
            $apart = min(self::APART, self::FAN / max(1, count($loops) - 1));
            foreach ($loops as $index => [$size, $which]) {
                // From below upward, so that the last lies on top of those before.
                $turn = 90.0 - ($index - (count($loops) - 1) / 2) * $apart + 8.0;
                $patches[] = [$size, self::loop($piece, $which, $side === 0 ? $turn : -$turn, $size)];
            }
        }
        usort($patches, fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return array_column($patches, 1);
    }

    protected static function tail(Piece $piece, int $which, float $turn, float $length): Patch
    {
        return RibbonSpray::strip($piece, $which, new Place(0.0, 0.0, $turn))->patch($which, $length, 0.05 * $length * $piece->whim($turn));
    }

    protected static function loop(Piece $piece, int $which, float $turn, float $size): Patch
    {
        return RibbonSpray::strip($piece, $which, new Place(0.0, 0.0, $turn))->loop($which, $size);
    }

    /** The pinch, wound with what holds it. */
    private static function middle(int $top, float $width): Patch
    {
        $half = min(0.55, max(0.22, $width * 0.2));
        $round = [
            new Point(-$half, -$half * 0.8), new Point($half, -$half * 0.8), new Point($half * 1.15, 0.0), new Point($half, $half * 0.8),
            new Point(-$half, $half * 0.8), new Point(-$half * 1.15, 0.0),
        ];

        return new Patch(
            $top,
            Path::smooth($round, closed: true),
            Path::bend(new Point(-$half * 0.4, -$half * 0.8), new Point(-$half * 0.1, 0.0), new Point(-$half * 0.4, $half * 0.8))
                .Path::bend(new Point($half * 0.4, -$half * 0.8), new Point($half * 0.1, 0.0), new Point($half * 0.4, $half * 0.8)),
            Path::closed([new Point(-$half, 0.1), new Point($half, 0.1), new Point($half, $half * 0.7), new Point(-$half, $half * 0.7)]),
        );
    }

    /** @return list<BowPiece> */
    protected static function pieces(Piece $piece): array
    {
        return $piece->part->bow;
    }
}
