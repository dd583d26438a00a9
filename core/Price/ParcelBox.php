<?php

declare(strict_types=1);

namespace Davrin\Core\Price;

use Davrin\Core\Blank\Slip;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Money;

/** A box that pieces are posted in: what goes into it, and what it costs to send. */
final readonly class ParcelBox
{
    public function __construct(public Slip $slip) {}

    public static function sentence(): string
    {
        return 'A box of {long} x {wide} x {high}, up to {upTo}: {postage} postage, {price} for the box.';
    }

    /** Whether a piece, packed, goes in, lying whichever way it fits. */
    public function takes(Parcel $parcel): bool
    {
        $sides = array_map(fn (string $side): int => $this->slip->length($side)->units, ['long', 'wide', 'high']);
        $packed = array_map(fn (Length $side): int => $side->units, $parcel->sides);
        rsort($sides);
        rsort($packed);
        $weight = $this->slip->weightIfAny('upTo');

        return array_filter($packed, fn (int $side, int $index): bool => $side > $sides[$index], ARRAY_FILTER_USE_BOTH) === []
            && ($weight === null || $parcel->hundredths <= $weight->hundredths);
    }

    public function postage(): Money
    {
        return $this->slip->money('postage');
    }

    public function price(): Money
    {
        return $this->slip->money('price');
    }
}
