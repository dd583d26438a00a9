<?php

declare(strict_types=1);

namespace Tests\Core\Price;

use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Units;
use Davrin\Core\Price\Parcel;
use Davrin\Core\Price\ParcelBox;
use Davrin\Core\Price\PriceEnding;
use Davrin\Core\Price\Terms;
use Davrin\Core\Result\Result;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\PlanCase;

/** How large and heavy a piece is when it is packed, which boxes take it, and how endings are told. */
final class ParcelTest extends PlanCase
{
    public function test_packing_is_added_on_every_side_and_to_the_weight(): void
    {
        $bare = $this->parcel(['padding' => '0 in']);
        $packed = $this->parcel(['padding' => '1 1/2 in', 'packWeighs' => '420 g']);
        foreach ([0, 1, 2] as $side) {
            $this->assertSame(3 * 4064, $packed->sides[$side]->units - $bare->sides[$side]->units);
        }
        $this->assertSame(42_000, $packed->hundredths - $bare->hundredths);
        // As deep as the estimate, and as wide as the drawing.
        $result = $this->usual();
        $this->assertSame($result->tally->depth->value, $bare->sides[2]->toInches().' in');
        $this->assertEqualsWithDelta($result->extent->box->wide(), $bare->sides[0]->toInches(), 0.001);
    }

    public function test_what_nobody_weighed_is_named_and_in_no_weight(): void
    {
        $parcel = $this->parcel([]);
        $this->assertSame(18_000, $parcel->hundredths);
        $this->assertContains('Sage mesh', $parcel->unknown);
        $this->assertMatchesRegularExpression('/^about \d+ x \d+ x 7 in, about 180 g$/', $parcel->words(Units::Inches));
        $this->assertMatchesRegularExpression('/^about \d+ x \d+ x 18 cm, about 180 g$/', $parcel->words(Units::Metric));
        $plan = $this->plan();
        $this->assertStringEndsWith('weight not known', Parcel::of($plan, $this->figures($plan), Terms::read([]))->words(Units::Inches));
    }

    #[TestWith([['26 in', '26 in', '8 in'], true])]
    #[TestWith([['8 in', '26 in', '26 in'], true])]
    #[TestWith([['26 in', '8 in', '26 in'], true])]
    #[TestWith([['24 in', '26 in', '8 in'], false])]
    #[TestWith([['26 in', '26 in', '6 in'], false])]
    public function test_a_box_takes_it_whichever_way_it_lies(array $sides, bool $takes): void
    {
        $box = $this->box(array_combine(['long', 'wide', 'high'], $sides));
        $this->assertSame($takes, $box->takes($this->parcel([])));
        $this->assertSame(implode(' x ', $sides), $box->words(Units::Inches));
    }

    public function test_a_box_takes_no_more_than_it_may_weigh(): void
    {
        $large = ['long' => '40 in', 'wide' => '40 in', 'high' => '20 in'];
        $this->assertTrue($this->box($large + ['upTo' => '180 g'])->takes($this->parcel([])));
        $this->assertFalse($this->box($large + ['upTo' => '179 g'])->takes($this->parcel([])));
        $this->assertSame('$12.35', $this->box(['postage' => '10.25', 'price' => '2.10'])->together()->shown());
    }

    #[TestWith(['USD', 'in-95', 'ends in .95'])]
    #[TestWith(['JPY', 'in-95', 'ends in 95'])]
    #[TestWith(['KWD', 'in-50', 'ends in .500'])]
    #[TestWith(['JPY', 'whole', 'ends in 00'])]
    #[TestWith(['EUR', 'whole', 'is a whole number'])]
    #[TestWith(['JPY', 'nine', 'ends in 900'])]
    #[TestWith(['USD', 'five', 'ends in 0 or 5'])]
    #[TestWith(['USD', 'exact', 'is not rounded'])]
    public function test_an_ending_is_told_as_its_currency_writes_it(string $currency, string $ending, string $words): void
    {
        $this->assertSame($words, PriceEnding::from($ending)->words(Currency::from($currency)));
    }

    private function box(array $written): ParcelBox
    {
        return Terms::read(['boxes' => [['id' => 'b'] + $written]])->boxes['b'];
    }

    private function parcel(array $work): Parcel
    {
        return Parcel::of($this->plan(['form' => ['weighs' => '180 g']]), $this->usual(), Terms::read(['work' => $work]));
    }

    private function usual(): Result
    {
        return $this->figures($this->plan(['form' => ['weighs' => '180 g']]));
    }
}
