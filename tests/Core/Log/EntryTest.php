<?php

declare(strict_types=1);

namespace Tests\Core\Log;

use Davrin\Core\Blank\DateBlank;
use Davrin\Core\Blank\OutOfBounds;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Learned\Scope;
use Davrin\Core\Log\EntrySheet;
use Davrin\Core\Log\Made;
use Davrin\Core\Log\MinutesText;
use Davrin\Core\Log\MustBePossible;
use Davrin\Core\Log\RollTruth;
use Davrin\Core\Log\Season;
use Davrin\Core\Log\WorkTime;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Fault;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\PlanCase;

final class EntryTest extends PlanCase
{
    #[TestWith(['2026-11-29', '2026-11-29'])]
    #[TestWith(['Nov 29, 2026', '2026-11-29'])]
    #[TestWith(['November 29, 2026', '2026-11-29'])]
    #[TestWith(['29 Nov 2026', '2026-11-29'])]
    #[TestWith(['29. November 2026', '2026-11-29'])]
    #[TestWith(['  3   Nov   2026 ', '2026-11-03'])]
    #[TestWith(['2024-02-29', '2024-02-29'])]
    public function test_a_day_is_read_as_it_is_written(string $typed, string $day): void
    {
        $blank = new DateBlank('made', 'the day it was made', '2026-01-01');
        $this->assertSame($day, $blank->read($typed, Units::Inches));
        $this->assertSame($day, $blank->read($blank->show($day, Units::Inches), null), 'as it is shown it is read again');
    }

    #[TestWith(['11/3/2026'])]
    #[TestWith(['2026-02-30'])]
    #[TestWith(['2025-02-29'])]
    #[TestWith(['Nov 31, 2026'])]
    #[TestWith(['1979-12-31'])]
    #[TestWith(['2100-01-01'])]
    #[TestWith(['99999-01-01'])]
    #[TestWith(['yesterday'])]
    #[TestWith([''])]
    public function test_a_day_that_is_none_or_that_could_be_two_is_not_taken(string $typed): void
    {
        $this->expectException(OutOfBounds::class);
        (new DateBlank('made', 'the day it was made', '2026-01-01'))->read($typed, Units::Inches);
    }

    #[TestWith(['2026-12-01', Season::Winter])]
    #[TestWith(['2026-02-28', Season::Winter])]
    #[TestWith(['2026-03-01', Season::Spring])]
    #[TestWith(['2026-05-31', Season::Spring])]
    #[TestWith(['2026-06-15', Season::Summer])]
    #[TestWith(['2026-09-01', Season::Autumn])]
    #[TestWith(['2026-11-30', Season::Autumn])]
    public function test_the_season_is_that_of_its_month(string $day, Season $season): void
    {
        $this->assertSame($season, Season::of($day));
    }

    #[TestWith(['14.5', 14.5])]
    #[TestWith(['14,5', 14.5])]
    #[TestWith(['0', 0.0])]
    #[TestWith(['90 min', 90.0])]
    #[TestWith(['1 h', 60.0])]
    #[TestWith(['1h20', 80.0])]
    #[TestWith(['1 h 20 min', 80.0])]
    #[TestWith(['2 hours 5 minutes', 125.0])]
    #[TestWith(['10,080', 10080.0])]
    #[TestWith(['1,234,567', 1234567.0])]
    public function test_minutes_are_read_as_they_are_written(string $typed, float $minutes): void
    {
        $this->assertSame($minutes, MinutesText::read($typed));
    }

    #[TestWith(['-3'])]
    #[TestWith(['an hour'])]
    #[TestWith(['1:20'])]
    #[TestWith(['1e9'])]
    #[TestWith([''])]
    #[TestWith(['999999999999'])]
    public function test_what_is_no_time_is_not_taken(string $typed): void
    {
        $this->expectException(Fault::class);
        MinutesText::read($typed);
    }

    public function test_an_entry_is_told_in_sentences_each_for_itself_where_there_are_several(): void
    {
        $one = Slip::load(EntrySheet::blanks(Currency::UsDollar), ['made' => '2026-11-03', 'wide' => '22 1/2 in', 'soldFor' => '36.00'], '');
        $lines = array_map(fn ($line): string => $line->text(), EntrySheet::lines($one, Units::Inches, true));
        $this->assertSame('1 made on Nov 3, 2026, in spring, for nobody in particular.', $lines[0]);
        $this->assertSame('Measured from tip to tip: width 22 1/2 in, height not measured, opening not measured, depth not measured, weight not weighed. It looks as nobody said.', $lines[1]);
        $this->assertSame('Sold for $36.00, at no place yet.', $lines[2]);
        $three = $one->with('copies', '3', Units::Inches);
        $lines = array_map(fn ($line): string => $line->text(), EntrySheet::lines($three, Units::Metric, false));
        $this->assertStringContainsString('Measured each from tip to tip: width 57.15 cm', $lines[1]);
        $this->assertStringNotContainsString('opening', $lines[1], 'an open form has none');
        $this->assertStringStartsWith('Each sold for', $lines[2]);
    }

    /** @param  array<string, mixed>  $document */
    #[TestWith([[], 'wide', '13 3/4 in', true])]
    #[TestWith([[], 'wide', '13 1/2 in', false])]
    #[TestWith([[], 'high', '13 in', false])]
    #[TestWith([[], 'opening', '8 1/4 in', true])]
    #[TestWith([[], 'opening', '9 in', false])]
    #[TestWith([['form' => ['kind' => 'rectangle', 'width' => '20 in', 'height' => '16 in'], 'ties' => [[]]], 'high', '17 in', true])]
    #[TestWith([['form' => ['kind' => 'rectangle', 'width' => '20 in', 'height' => '16 in'], 'ties' => [[]]], 'wide', '17 in', false])]
    #[TestWith([['form' => ['kind' => 'stick'], 'ties' => [[]]], 'high', '30 in', false])]
    #[TestWith([['form' => ['kind' => 'stick'], 'ties' => [[]]], 'wide', '4 in', true])]
    #[TestWith([['settings' => ['units' => 'centimetres']], 'wide', '30 cm', false])]
    public function test_no_piece_is_smaller_than_its_form(array $document, string $key, string $typed, bool $isTaken): void
    {
        $plan = $this->plan($document);
        $slip = Slip::load(EntrySheet::blanks(Currency::UsDollar), [], '')->with($key, $typed, $plan->units());
        $check = fn () => MustBePossible::size($plan, EntrySheet::made($slip, [], [], []));
        $isTaken ? $this->assertNull($check()) : $this->assertFault("/$key", 'The form alone is', $check);
    }

    public function test_a_day_of_one_kind_of_work_is_the_most_for_each_piece(): void
    {
        MustBePossible::minutes('ruffles', 1440.0, 1);
        MustBePossible::minutes('ruffles', 2880.0, 2);
        $this->assertFault('', '1,440.5 min for ruffles is 1.0 days', fn () => MustBePossible::minutes('ruffles', 1440.5, 1));
        $this->assertFault('', '10,080 min for ruffles is 1.0 weeks', fn () => MustBePossible::minutes('ruffles', 10080.0, 1));
        $this->assertFault('', 'on 2 pieces', fn () => MustBePossible::minutes('ruffles', 10080.0, 2));
        $this->assertFault('', 'less than nothing', fn () => MustBePossible::minutes('ruffles', -1.0, 1));
    }

    public function test_a_roll_holds_no_more_than_twice_its_label_and_nobody_spoils_twice_what_is_used(): void
    {
        $roll = fn (int $held): RollTruth => new RollTruth('m', 'Sage mesh, roll 1', new Scope(''), Length::inches(180), Length::inches($held));
        MustBePossible::roll($roll(0), Units::Inches);
        MustBePossible::roll($roll(360), Units::Inches);
        $this->assertFault('', 'cannot have held 361 in', fn () => MustBePossible::roll($roll(361), Units::Inches));
        // 18 x 19 in are 342 in of each copy.
        $spoiled = fn (int $inches, int $copies) => MustBePossible::spoiled($this->plan(), $this->figures($this->plan()), $copies, ['m1' => Length::inches($inches)]);
        $spoiled(684, 1);
        $spoiled(685, 2);
        $this->assertFault('/m1', 'more than twice', fn () => $spoiled(685, 1));
    }

    public function test_what_is_kept_of_an_entry_comes_back_as_it_was(): void
    {
        $time = new WorkTime(new Scope('ruffle', 'plain mesh', 'the market'), 'ruffles', 12, 12.0, 9.9, 9.6, 18);
        $this->assertEquals($time, WorkTime::fromData(json_decode((string) json_encode($time->asData()), true)));
        $this->assertEqualsWithDelta(14.4, $time->together(), 1e-9);
        $this->assertSame(9.9, $time->took(null)->together(), 'what nobody timed takes as long as was said');
        $roll = new RollTruth('m', 'Sage mesh, roll 1', new Scope('', 'plain mesh', 'the market'), Length::inches(180));
        $this->assertEquals($roll, RollTruth::fromData(json_decode((string) json_encode($roll->asData()), true)));
        $this->assertEquals(Length::inches(176), RollTruth::fromData($roll->held(Length::inches(176))->asData())->held);
        $this->assertEquals(new Made, EntrySheet::made(Slip::load(EntrySheet::blanks(Currency::UsDollar), [], ''), [], [], []));
    }
}
