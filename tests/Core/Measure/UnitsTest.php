<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Rounding;
use Davrin\Core\Measure\Units;
use Eris\Generators;
use PHPUnit\Framework\TestCase;
use Tests\RandomTrials;

final class UnitsTest extends TestCase
{
    use RandomTrials;

    public function test_what_is_available_rounds_down_and_what_is_needed_up_to_the_eighth(): void
    {
        $length = Length::inches(172, 4, 5);
        $this->assertSame('172 3/4 in', Units::Inches->available($length));
        $this->assertSame('172 7/8 in', Units::Inches->needed($length));
        $this->assertSame('172 3/4 in', Units::Inches->place($length));
    }

    public function test_metric_lengths_round_to_the_half_centimetre(): void
    {
        $length = Length::millimetres(474);
        $this->assertSame('47 cm', Units::Metric->available($length));
        $this->assertSame('47.5 cm', Units::Metric->needed($length));
        $this->assertSame('47.5 cm', Units::Metric->place($length));
    }

    public function test_what_is_missing_is_never_told_as_less_than_it_is(): void
    {
        $this->assertSame('-7 1/4 in', Units::Inches->available(Length::inches(-7, -1, 5)));
    }

    public function test_a_whole_number_of_steps_is_told_as_it_is(): void
    {
        foreach (Rounding::cases() as $rounding) {
            $this->assertSame('18 1/2 in', Units::Inches->rounded(Length::inches(18, 1, 2), $rounding));
            $this->assertSame('47.5 cm', Units::Metric->rounded(Length::millimetres(475), $rounding));
        }
    }

    public function test_rounding_never_leaves_the_right_side_nor_goes_a_whole_step(): void
    {
        $this->limitTo($this->trials(100))->forAll(
            Generators::choose(-3_000_000, 3_000_000),
            Generators::elements(508, 800),
        )->then(function (int $units, int $step): void {
            $down = Rounding::Available->steps($units, $step) * $step;
            $up = Rounding::Needed->steps($units, $step) * $step;
            $this->assertTrue($down <= $units && $units - $down < $step);
            $this->assertTrue($up >= $units && $up - $units < $step);
            $this->assertLessThanOrEqual($step / 2, abs(Rounding::Place->steps($units, $step) * $step - $units));
        });
    }

    public function test_a_roll_is_spoken_of_in_yards_feet_or_metres(): void
    {
        $this->assertSame('10 yd', Units::Inches->roll(Length::yards(10)));
        $this->assertSame('9 ft 7 in', Units::Inches->roll(Length::inches(115)));
        $this->assertSame('11 ft', Units::Inches->roll(Length::inches(132)));
        $this->assertSame('131 1/2 in', Units::Inches->roll(Length::inches(131, 1, 2)));
        $this->assertSame('9.14 m', Units::Metric->roll(Length::yards(10)));
    }

    public function test_an_estimate_looks_like_one(): void
    {
        $this->assertSame('about 23 in', Units::Inches->about(22.8));
        $this->assertSame('about 58 cm', Units::Metric->about(23.0));
    }

    public function test_a_derivation_shows_a_length_that_no_tape_shows_with_decimals(): void
    {
        $this->assertSame('352.8 in', Units::Inches->exact(Length::ofUnits(intdiv(360 * Length::PER_INCH * 98, 100))));
        $this->assertSame('18 1/32 in', Units::Inches->exact(Length::inches(18, 1, 32)));
        $this->assertSame('47.3 cm', Units::Inches->exact(Length::millimetres(473)));
    }
}
