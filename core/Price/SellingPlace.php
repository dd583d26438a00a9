<?php

declare(strict_types=1);

namespace Davrin\Core\Price;

use Brick\Math\BigRational;
use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\PercentBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Blank\TextBlank;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Percent;

/** Where a piece is sold: what the place takes of a sale, what is to be earned there, and who pays the postage. */
final readonly class SellingPlace
{
    public const HANDED_OVER = 'none';

    public const BUYER_PAYS = 'buyer';

    public const IN_THE_PRICE = 'seller';

    private const WHOLE = 10_000;

    public function __construct(public Slip $slip) {}

    /** @return list<Blank<covariant mixed>> */
    public static function blanks(Currency $currency): array
    {
        return [
            new TextBlank('name', 'the name of the place', 'Another place', 40),
            new PercentBlank('fee', 'the fee', Percent::of(0), Percent::of(100)),
            Amount::blank('fixed', 'the fixed fee', 0, $currency),
            new ChoiceBlank('feeOf', 'what the fee is a share of', 'price', ['price' => 'the price', 'all' => 'the price and the postage']),
            new PercentBlank('share', 'what is to be earned', Percent::of(30), Percent::of(1000)),
            new ChoiceBlank('of', 'what that is a share of', 'price', [
                'price' => 'of the price (a margin)', 'cost' => 'on top of the cost (a markup)',
            ]),
            new ChoiceBlank('ending', 'how a price ends', PriceEnding::NinetyFive->value, array_combine(
                array_column(PriceEnding::cases(), 'value'),
                array_map(fn (PriceEnding $ending): string => $ending->words($currency), PriceEnding::cases()),
            )),
            new ChoiceBlank('post', 'who pays the postage', self::HANDED_OVER, [
                self::HANDED_OVER => 'The buyer takes it along',
                self::BUYER_PAYS => 'The buyer pays the postage',
                self::IN_THE_PRICE => 'The postage is in the price',
            ]),
        ];
    }

    public static function sentence(): string
    {
        return '{name} takes {fee} of {feeOf} and {fixed} a sale. I want to earn {share} {of}, and the price {ending}. {post}.';
    }

    public function name(): string
    {
        return $this->slip->text('name');
    }

    public function fee(): BigRational
    {
        return $this->slip->percent('fee')->part();
    }

    public function share(): BigRational
    {
        return $this->slip->percent('share')->part();
    }

    public function isMargin(): bool
    {
        return $this->slip->text('of') === 'price';
    }

    public function takesOfThePostage(): bool
    {
        return $this->slip->text('feeOf') === 'all';
    }

    public function post(): string
    {
        return $this->slip->text('post');
    }

    public function ending(): PriceEnding
    {
        return PriceEnding::from($this->slip->text('ending'));
    }

    /** Why no price can be asked there, with the nearest that can; null where one can. */
    public function isPossible(): ?string
    {
        $fee = $this->slip->percent('fee')->hundredths;
        $share = $this->isMargin() ? $this->slip->percent('share')->hundredths : 0;
        if ($fee + $share < self::WHOLE) {
            return null;
        }
        $most = self::WHOLE - 100;

        return $fee >= self::WHOLE
            ? sprintf('A fee of %s takes the whole price. Write less than 100 %%.', $this->slip->percent('fee')->shown())
            : sprintf(
                'A fee of %s and a margin of %s are the whole price and more, so no price is high enough. With that fee the margin '
                    .'can be %s, or write it as a markup on the cost.',
                $this->slip->percent('fee')->shown(),
                $this->slip->percent('share')->shown(),
                Percent::read(sprintf('%.2f', max(0, $most - $fee) / 100))->shown(),
            );
    }
}
