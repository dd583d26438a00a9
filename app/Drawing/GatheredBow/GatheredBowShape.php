<?php

namespace App\Drawing\GatheredBow;

use App\Drawing\Elements\BowShape;
use App\Drawing\Piece;

/** Strips pinched at the middle and fanned to both sides, the loops of the top one over them. */
final class GatheredBowShape extends BowShape
{
    private const FAN = 70.0;

    public function tailsHang(): bool
    {
        return false;
    }

    protected function tails(Piece $piece): array
    {
        [$patches, $pieces] = [[], self::pieces($piece)];
        foreach ($pieces as $which => $its) {
            $turn = 90.0 + (count($pieces) < 2 ? 0.0 : ($which / (count($pieces) - 1) - 0.5) * self::FAN);
            foreach ($its->tails as $index => $tail) {
                $patches[] = self::tail($piece, $which, $turn + 180.0 * $index, $tail->toInches());
            }
        }

        return $patches;
    }
}
