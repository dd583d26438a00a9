<?php

declare(strict_types=1);

namespace Davrin\Core\Price;

use Brick\Math\BigRational;
use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\PercentBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Blank\TextBlank;
use Davrin\Core\Cost\Cost;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Percent;
use Davrin\Core\Words\Figure;

/** A roll somebody offers: how wide and long it is, what it costs and what it costs to get. */
final readonly class RollOffer
{
    private const A_SQUARE_FOOT = 144;

    public function __construct(public Slip $slip) {}

    /** @return list<Blank<covariant mixed>> */
    public static function blanks(Currency $currency): array
    {
        return [
            new TextBlank('name', 'what it is called', 'A roll on offer', 40),
            LengthBlank::of('width', 'the width of the roll', Length::inches(10), Length::inches(0, 1, 4), Length::inches(60)),
            LengthBlank::ofRoll('roll', 'the length of the roll', Length::yards(10), Length::inches(12), Length::yards(1000)),
            new PercentBlank('allowance', 'how much shorter it may come', Percent::of(1), Percent::of(25)),
            Amount::blank('price', 'the price of a roll', 600, $currency),
            Amount::blank('delivery', 'delivery', 0, $currency),
            new CountBlank('rolls', 'the number of rolls in an order', 1, 1, 500),
        ];
    }

    public static function sentence(): string
    {
        return '{name}: {width} wide, {roll} long, up to {allowance} short, {price} a roll; an order of {rolls} costs {delivery} to get.';
    }

    public function name(): string
    {
        return $this->slip->text('name');
    }

    /** What one roll costs with its part of the delivery, in cents. */
    public function aRoll(): BigRational
    {
        return BigRational::of($this->slip->money('price')->cents)
            ->plus(BigRational::nd($this->slip->money('delivery')->cents, $this->slip->count('rolls')));
    }

    public function aYard(): Figure
    {
        return $this->figure('a yard', $this->aRoll()->multipliedBy(36)->dividedBy($this->inches()));
    }

    public function aSquareFoot(): Figure
    {
        $width = BigRational::nd($this->slip->length('width')->units, Length::PER_INCH);

        return $this->figure(
            'a square foot',
            $this->aRoll()->multipliedBy(self::A_SQUARE_FOOT)->dividedBy($this->inches()->multipliedBy($width)),
        );
    }

    private function inches(): BigRational
    {
        return BigRational::nd($this->slip->length('roll')->units, Length::PER_INCH);
    }

    private function figure(string $label, BigRational $cents): Figure
    {
        $currency = $this->slip->money('price')->currency;
        $shown = Money::rounded($cents, $currency);

        return new Figure($label, $shown->canonical(), $shown->shown(), [Cost::exact($cents, $currency)." $label"]);
    }
}
