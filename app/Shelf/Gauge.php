<?php

namespace App\Shelf;

use App\Models\ShelfStock;

/** How much of a roll is left, and how much of that is held, as a bar: in drawing units. */
final readonly class Gauge
{
    public const WIDTH = 400;

    private function __construct(public float $left, public float $held) {}

    /** Null for what is no roll. */
    public static function of(ShelfStock $stock): ?self
    {
        if (! $stock->kind->isRoll()) {
            return null;
        }
        $new = max($stock->item->slip()->length('roll')->units, $stock->amount);

        return new self(round(self::WIDTH * $stock->amount / $new, 1), round(self::WIDTH * min($stock->held(), $stock->amount) / $new, 1));
    }
}
