<?php

declare(strict_types=1);

namespace Davrin\Core\Price;

use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Blank\WeightBlank;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Units;

/** A box that pieces are posted in: what goes into it, and what it costs to send. */
final readonly class ParcelBox
{
    public function __construct(public Slip $slip) {}

    /** @return list<Blank<covariant mixed>> */
    public static function blanks(Currency $currency): array
    {
        $side = fn (string $key, string $label, int $inches): LengthBlank => LengthBlank::of(
            $key, $label, Length::inches($inches), Length::inches(1), Length::inches(120),
        );

        return [
            $side('long', 'the length of the box', 24),
            $side('wide', 'the width of the box', 24),
            $side('high', 'the height of the box', 8),
            new WeightBlank('upTo', 'what it may weigh', 'any weight'),
            Amount::blank('postage', 'the postage', 1500, $currency),
            Amount::blank('price', 'the price of the box', 0, $currency),
        ];
    }

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

    /** "24 in x 24 in x 10 in" */
    public function words(Units $units): string
    {
        return implode(' x ', array_map(fn (string $side): string => $units->exact($this->slip->length($side)), ['long', 'wide', 'high']));
    }

    /** What it costs to send in it: the postage and the box. */
    public function together(): Money
    {
        return $this->postage()->plus($this->price());
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
