<?php

declare(strict_types=1);

namespace Davrin\Core\Price;

use Brick\Math\BigRational;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Measure\Percent;

/** Where a piece is sold: what the place takes of a sale, what is to be earned there, and who pays the postage. */
final readonly class SellingPlace
{
    public const HANDED_OVER = 'none';

    public const BUYER_PAYS = 'buyer';

    public const IN_THE_PRICE = 'seller';

    private const WHOLE = 10_000;

    public function __construct(public Slip $slip) {}

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
