<?php

declare(strict_types=1);

namespace Tests\Core\Suggest;

use Davrin\Core\Blank\Blank;
use Davrin\Core\Edit\BlankRefused;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Units;
use Davrin\Core\Suggest\Criterion;
use Davrin\Core\Suggest\Wishes;
use Davrin\Core\Words\Fault;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class WishesTest extends TestCase
{
    public function test_nothing_is_wished_until_it_is_written(): void
    {
        $wishes = Wishes::read([], Currency::UsDollar);
        $this->assertSame([null, null, 0, null, null, null], [
            $wishes->budget(), $wishes->minutes(), $wishes->rollsToBuy(), $wishes->from(), $wishes->to(), $wishes->deep(),
        ]);
        $this->assertSame([0.0, false, false, 'any'], [$wishes->opening(), $wishes->isForABeginner(), $wishes->withRibbon(), $wishes->fullness()]);
        $this->assertSame([Criterion::Cheapest, Criterion::Fullest], $wishes->order());
    }

    public function test_they_are_written_as_a_maker_writes_and_come_back_as_they_were(): void
    {
        $wishes = Wishes::read([], Currency::Euro)->filled([
            'wishes.budget' => '12', 'wishes.minutes' => '90', 'wishes.buy' => '2', 'wishes.from' => '18', 'wishes.to' => '2 ft', 'wishes.deep' => '12 cm',
            'wishes.signWide' => '8', 'wishes.signHigh' => '6', 'wishes.skill' => 'beginner', 'wishes.ribbon' => 'ribbon', 'wishes.first' => 'quickest',
        ], Units::Inches);
        $this->assertSame(['€12.00', 90, 2, 10.0], [$wishes->budget()?->shown(), $wishes->minutes(), $wishes->rollsToBuy(), $wishes->opening()]);
        $this->assertSame([18.0, 24.0], [$wishes->from()?->toInches(), $wishes->to()?->toInches()]);
        $this->assertSame([true, true, Criterion::Quickest], [$wishes->isForABeginner(), $wishes->withRibbon(), $wishes->order()[0]]);
        $this->assertEquals($wishes->slip->write(), Wishes::read($wishes->slip->write(), Currency::Euro)->slip->write());

        // Taken back in the words that stand there.
        $none = $wishes->filled(['wishes.budget' => 'anything', 'wishes.minutes' => 'any', 'wishes.buy' => 'none', 'wishes.to' => 'any size'], Units::Inches);
        $this->assertSame([null, null, 0, null], [$none->budget(), $none->minutes(), $none->rollsToBuy(), $none->to()]);
    }

    public function test_each_blank_stands_in_the_sentence_once(): void
    {
        preg_match_all('/\{(\w+)\}/', Wishes::sentence(), $found);
        $keys = array_map(fn (Blank $blank): string => $blank->key(), Wishes::blanks(Currency::UsDollar));
        sort($keys);
        sort($found[1]);
        $this->assertSame($keys, $found[1]);
    }

    #[TestWith([['buy' => 21], '/wishes/buy'])]
    #[TestWith([['from' => '0 in'], '/wishes/from'])]
    #[TestWith([['first' => 'prettiest'], '/wishes/first'])]
    #[TestWith([['colour' => 'teal'], '/wishes/colour'])]
    #[TestWith([['signHigh' => '6 in'], '/wishes/signWide'])]
    public function test_a_file_of_wishes_that_cannot_be_had_says_where(array $written, string $pointer): void
    {
        try {
            Wishes::read($written, Currency::UsDollar);
            $this->fail('It was read.');
        } catch (Fault $fault) {
            $this->assertSame($pointer, $fault->pointer);
        }
    }

    public function test_a_size_from_and_to_may_be_the_same_and_a_sign_may_be_as_wide_as_half_the_piece(): void
    {
        $wishes = Wishes::read(['from' => '20 in', 'to' => '20 in', 'signWide' => '8 in', 'signHigh' => '6 in'], Currency::UsDollar);
        $this->assertSame([20.0, 20.0, 10.0], [$wishes->from()?->toInches(), $wishes->to()?->toInches(), $wishes->opening()]);
    }

    public function test_a_blank_that_is_none_of_theirs_is_refused(): void
    {
        foreach (['wishes.colour', 'colour', 'parts.l1.length'] as $address) {
            try {
                Wishes::read([], Currency::UsDollar)->filled([$address => 'teal'], Units::Inches);
                $this->fail("$address was taken.");
            } catch (Fault $fault) {
                $this->assertStringContainsString('has no blank', $fault->getMessage());
            }
        }
    }

    public function test_a_length_without_a_unit_is_one_of_the_house(): void
    {
        $wishes = Wishes::read([], Currency::UsDollar)->filled(['wishes.to' => '50'], Units::Metric);
        $this->assertSame('50 cm', $wishes->slip->show('to', Units::Metric));
        $this->expectException(BlankRefused::class);
        $wishes->filled(['wishes.to' => '5 m'], Units::Metric);
    }
}
