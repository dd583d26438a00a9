<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use Brick\Math\BigRational;
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
    #[TestWith(['6,50', 650])]
    #[TestWith([' 6 ', 600])]
    #[TestWith(['0', 0])]
    #[TestWith(['-1.25', -125])]
    #[TestWith(['0.05', 5])]
    public function test_a_price_is_read_to_the_cent(string $typed, int $cents): void
    {
        $this->assertSame($cents, Money::read($typed)->cents);
    }

    /** @return iterable<array{string}> */
    public static function noPrice(): iterable
    {
        yield from [[''], ['free'], ['6.505'], ['1,000.00'], ['6.50 eur'], ['$'], ['99999999']];
    }

    #[DataProvider('noPrice')]
    public function test_what_is_no_price_is_refused(string $typed): void
    {
        $this->expectException(NotReadable::class);
        Money::read($typed);
    }

    public function test_a_fraction_of_a_cent_is_rounded_once_half_up(): void
    {
        $this->assertSame('$8.83', Money::rounded(BigRational::of('882.5'))->shown());
        $this->assertSame('$8.82', Money::rounded(BigRational::of('882.4999'))->shown());
        $this->assertSame('-$0.02', Money::rounded(BigRational::of('-2.5'))->shown());
    }

    public function test_money_is_written_the_same_way_everywhere(): void
    {
        $this->assertSame('12.05', Money::cents(1205)->canonical());
        $this->assertSame('-$0.11', Money::cents(-11)->shown());
        $this->assertTrue(Money::read(Money::cents(7)->canonical())->equals(Money::cents(7)));
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
