<?php

namespace App\Drawing\HalfFoldBow;

use App\Drawing\Elements\BowShape;
use App\Drawing\Piece;

/** Each strip one loop, and its two tails on the other side; the strips turned round the middle. */
final class HalfFoldBowShape extends BowShape
{
    public function tailsHang(): bool
    {
        return false;
    }

    protected function tails(Piece $piece): array
    {
        $patches = [];
        foreach (self::pieces($piece) as $which => $its) {
            foreach ($its->tails as $index => $tail) {
                $patches[] = self::tail($piece, $which, self::turn($piece, $which) + ($index === 0 ? 164.0 : 196.0), $tail->toInches());
            }
        }

        return $patches;
    }

    protected function loops(Piece $piece): array
    {
        $patches = [];
        foreach (self::pieces($piece) as $which => $its) {
            $patches[] = self::loop($piece, $which, self::turn($piece, $which), $its->loops[0]->toInches());
        }

        return $patches;
    }

    private static function turn(Piece $piece, int $which): float
    {
        return 360.0 * $which / max(1, count(self::pieces($piece))) + 60.0;
    }
}
