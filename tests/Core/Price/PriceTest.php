<?php

declare(strict_types=1);

namespace Tests\Core\Price;

use Brick\Math\BigRational;
use Davrin\Core\Batch\Batch;
use Davrin\Core\Batch\Share;
use Davrin\Core\Edit\BlankRefused;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Units;
use Davrin\Core\Price\CostSheet;
use Davrin\Core\Price\Parcel;
use Davrin\Core\Price\Price;
use Davrin\Core\Price\PriceEnding;
use Davrin\Core\Price\Terms;
use Davrin\Core\Roll\RollPlanner;
use Davrin\Core\Words\Fault;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\PlanCase;

final class PriceTest extends PlanCase
{
    /** Nothing costs anything but the form. */
    private const NINE_FIFTY = [
        'form' => ['price' => '9.50', 'weighs' => '180 g'],
        'materials' => [['price' => '0.00'], ['id' => 'stems', 'kind' => 'stems', 'price' => '0.00']],
    ];

    public function test_the_price_of_an_everyday_piece(): void
    {
        $sheet = $this->sheet(self::NINE_FIFTY, minutes: 50);
        $this->assertSame('$22.95', $sheet->figure()->shown);
        $this->assertSame(['$9.50', '$12.50', '$0.95'], array_column($sheet->parts(), 'shown'));

        $price = $this->price($sheet);
        // 23.40 / 0.635 = 36.8504; 23.40 / 0.935 = 25.0267.
        $this->assertSame(['$36.86', '$36.95', '$25.03'], [$price->least->shown(), $price->friendly->shown(), $price->breakEven->shown()]);
        $this->assertSame('$28.38', $price->anHour()?->shown());
        $this->assertSame('($22.95 + $0.45) / (100 % - 6.5 % - 30 %), rounded up', $price->figures()[0]->because[0]);
    }

    public function test_another_price_is_tried(): void
    {
        $sheet = $this->sheet(self::NINE_FIFTY, minutes: 50);
        // At the break-even price the hour earns what it counts, and at 20 dollars less than that.
        $this->assertSame(['$15.00', '$0.00'], $this->earns($this->price($sheet, '25.03')));
        $this->assertSame(['$9.36', '-$4.70'], $this->earns($this->price($sheet, '20.00')));
        $this->expectExceptionMessage('A price of $0.00 sells nothing. Try one from $0.01 up.');
        $this->price($sheet, '0');
    }

    public function test_a_markup_is_counted_on_the_cost(): void
    {
        $sheet = $this->sheet(self::NINE_FIFTY, minutes: 50);
        $price = $this->price($sheet, place: ['fee' => '6.5 %', 'fixed' => '0.45', 'share' => '30 %', 'of' => 'cost', 'ending' => 'exact']);
        // (22.95 x 1.3 + 0.45) / 0.935 = 32.3904
        $this->assertSame('$32.40', $price->asked->shown());
        $this->assertSame('($22.95 x (100 % + 30 %) + $0.45) / (100 % - 6.5 %), rounded up', $price->figures()[0]->because[0]);
    }

    public function test_a_roll_bought_at_half_price_costs_its_list_price_again(): void
    {
        $sheet = $this->sheet([
            'form' => ['price' => '0.00'],
            'materials' => [
                ['price' => '9.00', 'paid' => '4.50', 'label' => 'measured'], ['id' => 'stems', 'kind' => 'stems', 'price' => '0.00'],
            ],
        ]);
        $money = fn (string $way): string => Money::rounded($sheet->materials($way), Currency::UsDollar)->shown();
        $this->assertSame(['$4.28', '$8.55', '$4.50', '$9.00'], array_map($money, array_keys(CostSheet::WAYS)));
        $this->assertStringContainsString('to buy them again takes $8.55, $4.28 more. The price below counts what was paid.', $sheet->difference());
    }

    public function test_copies_are_made_as_one_batch_and_divided(): void
    {
        $document = ['materials' => [['label' => 'measured'], ['id' => 'stems', 'kind' => 'stems', 'price' => '1.25']], 'settings' => ['cost' => 'opened']];
        // 18 stems of one pack of 25 each, or 108 of 5 packs for six.
        $this->assertSame('1.25', $this->line($this->sheet($document), 'stems')['opened-paid']);
        $six = $this->sheet($document, 6);
        $this->assertSame(['6.25', '5 packs to buy'], [$this->line($six, 'stems')['opened-paid'], $this->line($six, 'stems')['source']]);
        $this->assertStringContainsString(' / 6 = ', $six->parts()[0]->because[0]);
    }

    public function test_what_is_measured_by_eye_costs_about_so_much_and_what_is_short_says_so(): void
    {
        $byEye = $this->sheet(['parts' => [['kind' => 'gathered-drape']]] + self::NINE_FIFTY);
        $short = $this->sheet(['materials' => [['rolls' => 0, 'onHand' => ['100 in']]], 'parts' => [['length' => '19 in']]]);
        $this->assertSame([false, true], [$byEye->isShort, $short->isShort]);
        $this->assertSame($this->plan(['parts' => [['kind' => 'gathered-drape']]] + self::NINE_FIFTY)->hasByEye(), $byEye->figure()->estimate);
    }

    public function test_the_four_ways_of_a_sheet_are_those_of_the_result(): void
    {
        $document = [
            'materials' => [
                ['price' => '7.20', 'paid' => '3.60', 'onHand' => ['62 in', '131 in']],
                ['id' => 'stems', 'kind' => 'stems', 'price' => '2.50', 'paid' => '1.25', 'onHand' => ['7']],
            ],
            'parts' => [['length' => '17 in']],
        ];
        $sheet = $this->sheet($document);
        foreach (['paid', 'list'] as $at) {
            $cost = $this->figures($this->plan(['settings' => ['priceAt' => $at]] + $document))->cost;
            $shown = fn (string $way): string => Money::rounded($sheet->materials($way), Currency::UsDollar)->shown();
            $this->assertSame([$cost->byLength->shown, $cost->opened->shown], [$shown("length-$at"), $shown("opened-$at")]);
        }
    }

    public function test_what_the_price_goes_to_adds_up_to_it(): void
    {
        foreach (['40.00', '20.00'] as $asked) {
            $parts = $this->price($this->sheet(self::NINE_FIFTY, minutes: 50), $asked)->goesTo();
            $this->assertTrue(BigRational::sum(...array_values($parts))->isEqualTo((int) ((float) $asked * 100)));
            $this->assertSame($asked === '20.00', $parts['what stays']->isNegative());
        }
    }

    public function test_overhead_wear_and_packing_are_counted_by_the_piece(): void
    {
        $terms = Terms::read(['work' => ['overhead' => '20 %', 'overheadOf' => 'work', 'wear' => '0.30', 'packing' => '1.15']]);
        $sheet = $this->sheet(self::NINE_FIFTY, minutes: 50, terms: $terms);
        // 9.50 + 0.30 + 12.50 + 20 % of 22.00 + 1.15
        $this->assertSame('$27.85', $sheet->figure()->shown);
    }

    public function test_the_box_that_costs_least_to_send_is_taken(): void
    {
        $box = fn (string $id, int $high, string $upTo, string $postage): array => [
            'id' => $id, 'long' => '30 in', 'wide' => '30 in', 'high' => "$high in", 'upTo' => $upTo, 'postage' => $postage, 'price' => '2.00',
        ];
        $boxes = [$box('b1', 4, '5 kg', '8.00'), $box('b2', 12, '2 kg', '14.00'), $box('b3', 12, '5 kg', '12.50'), $box('b4', 12, '100 g', '3.00')];
        $price = fn (string $post, string $of = 'price'): Price => $this->price(
            $this->sheet(self::NINE_FIFTY, minutes: 50, terms: Terms::read(['boxes' => $boxes])),
            place: ['fee' => '10 %', 'post' => $post, 'feeOf' => $of, 'share' => '0 %', 'ending' => 'exact'],
        );
        // 22.95 and 2.00 for the box, over 90 %; with the postage of 12.50 in the price; with a fee on it.
        $this->assertSame(['$27.73', '$41.62', '$29.12', '$25.50'], [
            $price('buyer')->asked->shown(), $price('seller')->asked->shown(), $price('buyer', 'all')->asked->shown(), $price('none')->asked->shown(),
        ]);
        $said = (string) $price('buyer')->postWords(Units::Inches);
        $this->assertStringContainsString('the box of 30 in x 30 in x 12 in takes it. $12.50 postage, which the buyer pays', $said);
        $this->assertNull($price('none')->postWords(Units::Inches));
        $none = $this->price($this->sheet(self::NINE_FIFTY, terms: Terms::read(['boxes' => [$boxes[0]]])), place: ['post' => 'seller']);
        $this->assertStringContainsString('No box of yours takes that', (string) $none->postWords(Units::Inches));
    }

    #[TestWith(['USD', 3686, 'in-95', 3695])]
    #[TestWith(['USD', 3695, 'in-95', 3695])]
    #[TestWith(['USD', 3696, 'in-95', 3795])]
    #[TestWith(['USD', 40, 'in-95', 95])]
    #[TestWith(['USD', 3686, 'whole', 3700])]
    #[TestWith(['USD', 3701, 'nine', 3900])]
    #[TestWith(['USD', 3701, 'five', 4000])]
    #[TestWith(['USD', 3686, 'exact', 3686])]
    #[TestWith(['JPY', 3686, 'in-95', 3695])]
    #[TestWith(['JPY', 3701, 'five', 4000])]
    #[TestWith(['KWD', 36_860, 'in-95', 36_950])]
    #[TestWith(['KWD', 36_960, 'in-50', 37_500])]
    public function test_a_friendly_ending_rounds_up(string $currency, int $least, string $ending, int $asked): void
    {
        $this->assertSame($asked, PriceEnding::from($ending)->up(Money::cents($least, Currency::from($currency)))->cents);
    }

    /** @return array<string, array{array<string, string>, string, string}> what is typed, at which blank it is refused, and why */
    public static function refused(): array
    {
        return [
            'fee and margin together' => [['places.p1.fee' => '60', 'places.p1.share' => '45 %'], 'places.p1.share', 'the margin can be 39 %'],
            'a fee of everything' => [['places.p2.fee' => '100 %'], 'places.p2.fee', 'takes the whole price'],
            'a fee of more' => [['places.p1.fee' => '120 %'], 'places.p1.fee', 'between 0 % and 100 %'],
            'a rate below nothing' => [['work.rate' => '-15'], 'work.rate', 'between $0.00 and $9999.99'],
            'no name' => [['places.p1.name' => ' '], 'places.p1.name', '1 to 40 characters'],
            'no number' => [['work.overhead' => 'much'], 'work.overhead', 'is not a percentage'],
        ];
    }

    #[DataProvider('refused')]
    public function test_what_makes_no_price_is_refused_at_its_blank(array $typed, string $address, string $why): void
    {
        try {
            Terms::read([])->filled($typed, Units::Inches);
            $this->fail('It was taken.');
        } catch (BlankRefused $refused) {
            $this->assertSame($address, $refused->address);
            $this->assertStringContainsString($why, $refused->getMessage());
        }
    }

    public function test_terms_come_back_as_they_were_written_and_in_another_currency_keep_their_figures(): void
    {
        $terms = Terms::read([])->withOneMore('boxes')->withOneMore('places')->filled(['places.p4.name' => 'Craft fair', 'boxes.b1.postage' => '9.80'], Units::Inches);
        $this->assertEquals($terms->write(), Terms::read($terms->write())->write());
        $this->assertSame(['p1', 'p3', 'p4'], array_keys($terms->without('places', 'p2')->places));
        $this->assertSame(['10', '15'], [$terms->in(Currency::JapaneseYen)->boxes['b1']->postage()->canonical(), $terms->in(Currency::JapaneseYen)->work->money('rate')->canonical()]);
        $this->assertSame('9.800', $terms->in(Currency::OmaniRial)->boxes['b1']->postage()->canonical());
    }

    #[TestWith([['places' => []], '/places'])]
    #[TestWith([['places' => [['id' => 'a'], ['id' => 'a']]], '/places/1/id'])]
    #[TestWith([['currency' => 'ABC'], '/currency'])]
    #[TestWith([['rate' => '15'], '/rate'])]
    #[TestWith([['work' => ['rate' => -3]], '/work/rate'])]
    #[TestWith([['boxes' => 'none'], '/boxes'])]
    #[TestWith([['version' => 2], '/format'])]
    public function test_a_file_of_prices_that_cannot_be_read_says_where(array $document, string $pointer): void
    {
        try {
            Terms::read($document);
            $this->fail('It was read.');
        } catch (Fault $fault) {
            $this->assertSame($pointer, $fault->pointer);
        }
    }

    public function test_the_last_place_of_sale_stays_and_a_plan_in_another_currency_is_told(): void
    {
        $one = Terms::read([])->without('places', 'p1')->without('places', 'p2');
        try {
            $one->without('places', 'p3');
            $this->fail('It was taken away.');
        } catch (Fault $fault) {
            $this->assertStringContainsString('the last place of sale stays', $fault->getMessage());
        }
        $this->expectExceptionMessage('This plan counts in euros, and your hour and fees in US dollars.');
        $this->sheet(['settings' => ['currency' => 'EUR']]);
    }

    private function sheet(array $document, int $copies = 1, ?int $minutes = null, ?Terms $terms = null): CostSheet
    {
        $plan = $this->plan($document);

        return CostSheet::of(
            $plan,
            $this->figures($plan),
            $copies === 1 ? null : Batch::of([new Share($plan, $copies)], new RollPlanner),
            $terms ?? Terms::read([]),
            $minutes,
        );
    }

    /** @param  array<string, string>  $place  what its blanks say; the first of the usual ones where none is */
    private function price(CostSheet $sheet, ?string $tried = null, array $place = []): Price
    {
        $places = ($place === [] ? $sheet->terms : Terms::read(['places' => [['id' => 'p1'] + $place]]))->places;
        $plan = $this->plan(self::NINE_FIFTY);

        return Price::at(
            $sheet,
            $places['p1'],
            Parcel::of($plan, $this->figures($plan), $sheet->terms),
            $tried === null ? null : Money::read($tried, $sheet->currency()),
        );
    }

    /** @return array{?string, string} what an hour earns, and what stays */
    private function earns(Price $price): array
    {
        return [$price->anHour()?->shown(), Money::rounded($price->stays(), $price->sheet->currency())->shown()];
    }

    /** @return array<string, mixed> */
    private function line(CostSheet $sheet, string $what): array
    {
        return array_column($sheet->jsonSerialize()['lines'], null, 'what')[$what];
    }
}
