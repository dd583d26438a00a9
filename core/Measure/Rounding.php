<?php

declare(strict_types=1);

namespace Davrin\Core\Measure;

/** How a length is rounded when it is shown: what is available down, what is needed up, places to the nearest. */
enum Rounding
{
    case Available;
    case Needed;
    case Place;

    /** The whole number of steps of $step units that $units is shown as. */
    public function steps(int $units, int $step): int
    {
        $down = intdiv($units, $step) - ($units % $step < 0 ? 1 : 0);
        $rest = $units - $down * $step;

        return match ($this) {
            self::Available => $down,
            self::Needed => $rest === 0 ? $down : $down + 1,
            self::Place => 2 * $rest >= $step ? $down + 1 : $down,
        };
    }
}
