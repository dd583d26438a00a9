<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use Brick\Math\BigRational;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\NotReadable;
use Davrin\Core\Measure\Percent;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class MoneyAndPercentTest extends TestCase
{
    #[TestWith(['6.50', 650])]
    #[TestWith(['$6.5', 650])]
    #[TestWith(['USD 6.50', 650])]
    #[TestWith(['6.50 USD', 650])]
    #[TestWith(['6,50', 650])]
    #[TestWith(['6.500', 650])]
    #[TestWith([' 6 ', 600])]
    #[TestWith(['0', 0])]
    #[TestWith(['-1.25', -125])]
    #[TestWith(['0.05', 5])]
    #[TestWith(['€6.50', 650, Currency::Euro])]
    #[TestWith(['650', 650, Currency::JapaneseYen])]
    #[TestWith(['¥650.00', 650, Currency::JapaneseYen])]
    #[TestWith(['6.505', 6505, Currency::KuwaitiDinar])]
    #[TestWith(['KWD 6.5', 6500, Currency::KuwaitiDinar])]
    public function test_a_price_is_read_to_the_cent(string $typed, int $cents, Currency $currency = Currency::UsDollar): void
    {
        $this->assertSame($cents, Money::read($typed, $currency)->cents);
    }

    /** @return iterable<array{string, Currency, string}> */
    public static function noPrice(): iterable
    {
        foreach (['', 'free', '6.505', '1,000.00', '6.50 eur', '€6.50', '$'] as $typed) {
            yield [$typed, Currency::UsDollar, 'is not a price in US dollars. Write it like "6.50".'];
        }
        yield ['6.50', Currency::JapaneseYen, 'is not a price in Japanese yen. Write it like "650".'];
        yield ['$6.50', Currency::OmaniRial, 'is not a price in Omani rials. Write it like "6.500".'];
        yield ['99999999', Currency::BritishPound, 'The highest is £99999.99.'];
        yield ['10000000', Currency::SouthKoreanWon, 'The highest is ₩9999999.'];
    }

    #[DataProvider('noPrice')]
    public function test_what_is_no_price_is_refused(string $typed, Currency $currency, string $why): void
    {
        $this->expectException(NotReadable::class);
        $this->expectExceptionMessage($why);
        Money::read($typed, $currency);
    }

    public function test_a_fraction_of_a_cent_is_rounded_once_half_up(): void
    {
        $rounded = fn (string $cents): string => Money::rounded(BigRational::of($cents), Currency::UsDollar)->shown();
        $this->assertSame(['$8.83', '$8.82', '-$0.02'], [$rounded('882.5'), $rounded('882.4999'), $rounded('-2.5')]);
    }

    public function test_money_is_written_with_the_decimals_of_its_currency_and_read_back(): void
    {
        $written = fn (int $cents, Currency $currency): array => [
            Money::cents($cents, $currency)->canonical(),
            Money::cents($cents, $currency)->shown(),
        ];
        $this->assertSame(['12.05', '$12.05'], $written(1205, Currency::UsDollar));
        $this->assertSame(['-0.11', '-€0.11'], $written(-11, Currency::Euro));
        $this->assertSame(['1205', '¥1205'], $written(1205, Currency::JapaneseYen));
        $this->assertSame(['1.205', "KWD\u{00A0}1.205"], $written(1205, Currency::KuwaitiDinar));
        foreach (Currency::cases() as $currency) {
            $money = Money::cents(7, $currency);
            $this->assertTrue(Money::read($money->canonical(), $currency)->equals($money), $currency->name());
            $this->assertTrue(Money::read($money->shown(), $currency)->equals($money), $currency->name());
        }
    }

    public function test_a_figure_stays_in_another_currency_and_is_never_added_to_it(): void
    {
        $price = Money::cents(650, Currency::UsDollar);
        $this->assertSame(
            ['€6.50', '¥7', "OMR\u{00A0}6.500"],
            [
                $price->in(Currency::Euro)->shown(), $price->in(Currency::JapaneseYen)->shown(), $price->in(Currency::OmaniRial)->shown(),
            ],
        );
        $this->expectExceptionMessage('EUR cannot be added to USD.');
        $price->plus($price->in(Currency::Euro));
    }

    public function test_an_allowance_leaves_what_can_be_relied_on_rounded_down(): void
    {
        // 352.8 in and 178.2 in; neither is a whole number of units.
        $this->assertSame(1_433_779, Percent::read('2 %')->off(Length::yards(10))->units);
        $this->assertSame(724_204, Percent::of(1)->off(Length::yards(5))->units);
        $this->assertSame(0, Percent::read('0.01')->off(Length::ofUnits(1))->units);
    }

    public function test_a_percentage_is_read_with_or_without_its_sign(): void
    {
        $this->assertSame(250, Percent::read('2.5')->hundredths);
        $this->assertSame('2.5 %', Percent::read('2,5%')->shown());
        $this->expectExceptionMessage('"2.555" is not a percentage');
        Percent::read('2.555');
    }
}
