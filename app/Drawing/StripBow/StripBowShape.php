<?php

namespace App\Drawing\StripBow;

use App\Drawing\Elements\BowShape;
use App\Drawing\Piece;

/** Two fans of strips, crossed. */
final class StripBowShape extends BowShape
{
    private const LEAN = 52.0;

    private const FAN = 44.0;

    public function tailsHang(): bool
    {
        return false;
    }

    protected function tails(Piece $piece): array
    {
        [$patches, $pieces] = [[], self::pieces($piece)];
        $half = intdiv(count($pieces) + 1, 2);
        foreach ($pieces as $which => $its) {
            $isFirst = $which < $half;
            [$place, $of] = $isFirst ? [$which, $half] : [$which - $half, count($pieces) - $half];
            $turn = ($isFirst ? 1 : -1) * self::LEAN + ($of < 2 ? 0.0 : ($place / ($of - 1) - 0.5) * self::FAN);
            foreach ($its->tails as $index => $tail) {
                $patches[] = self::tail($piece, $which, $turn + 180.0 * $index, $tail->toInches());
            }
        }

        return $patches;
    }
}
