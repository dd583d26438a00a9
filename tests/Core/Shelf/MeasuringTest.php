<?php

declare(strict_types=1);

namespace Tests\Core\Shelf;

use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\NotReadable;
use Davrin\Core\Measure\Units;
use Davrin\Core\Measure\Weight;
use Davrin\Core\Shelf\Measuring;
use Davrin\Core\Shelf\NotMeasurable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MeasuringTest extends TestCase
{
    public function test_a_roll_is_weighed(): void
    {
        $left = Measuring::byWeight(Length::yards(10), Weight::grams(310), Weight::grams(40), Weight::grams(175));
        $this->assertSame('180 in', Units::Inches->available($left));
        $this->assertTrue(Measuring::byWeight(Length::yards(10), Weight::grams(310), Weight::grams(40), Weight::grams(40))->isZero());
        $this->assertTrue(
            Measuring::byWeight(Length::yards(10), Weight::grams(310), Weight::grams(40), Weight::grams(310))->equals(Length::yards(10)),
        );
    }

    public function test_a_roll_is_measured_across(): void
    {
        // To the nearest 1/32 in, as what is cut is read, 3.3 in would be 3 5/16 in, and give 1 1/2 in more.
        $across = fn (string $typed): Length => LengthText::fine($typed, Units::Inches);
        $left = Measuring::byDiameter(Length::yards(10), $across('4 1/2'), $across('1 1/2'), $across('3.3 in'), Units::Inches);
        $this->assertEqualsWithDelta(172.8, $left->toInches(), 0.01);
        $this->assertSame('172 3/4 in', Units::Inches->available($left));
    }

    public function test_what_was_cut_is_taken_off(): void
    {
        $this->assertSame(
            '242 in',
            Units::Inches->exact(Measuring::byCuts(Length::yards(10), [Length::inches(19)->times(4), Length::inches(42)], Units::Inches)),
        );
    }

    /** @return iterable<string, array{callable(): Length, string}> */
    public static function impossible(): iterable
    {
        $roll = Length::yards(10);
        $inches = fn (int $whole): Length => Length::inches($whole);
        yield 'below the core' => [
            fn () => Measuring::byWeight($roll, Weight::grams(310), Weight::grams(40), Weight::grams(35)),
            'lighter than its core of 40 g',
        ];
        yield 'more than new' => [
            fn () => Measuring::byWeight($roll, Weight::grams(310), Weight::grams(40), Weight::grams(320)),
            '320 g is more than the new roll',
        ];
        yield 'all core' => [
            fn () => Measuring::byWeight($roll, Weight::grams(40), Weight::grams(40), Weight::grams(40)),
            'leaves no mesh',
        ];
        yield 'thinner than the core' => [
            fn () => Measuring::byDiameter($roll, $inches(4), $inches(2), $inches(1), Units::Inches),
            'thinner than its core of 2 in',
        ];
        yield 'thicker than new' => [
            fn () => Measuring::byDiameter($roll, $inches(4), $inches(2), $inches(5), Units::Inches),
            '5 in is more than the new roll',
        ];
        yield 'a core as thick as the roll' => [
            fn () => Measuring::byDiameter($roll, $inches(2), $inches(2), $inches(2), Units::Inches),
            'leaves no mesh',
        ];
        yield 'cut more than there was' => [
            fn () => Measuring::byCuts($roll, [$inches(400)], Units::Inches),
            '400 in cannot be cut from 360 in',
        ];
    }

    /** @param  callable(): Length  $measure */
    #[DataProvider('impossible')]
    public function test_what_cannot_be_so_is_refused_with_a_reason(callable $measure, string $says): void
    {
        $this->expectException(NotMeasurable::class);
        $this->expectExceptionMessage($says);
        $measure();
    }

    public function test_what_mesh_weighs_by_its_area_tells_thin_from_full_bodied(): void
    {
        // 270 g on 10 yd of 10 in: 25 square feet, or 2.3226 square metres.
        $byArea = fn (string $new, Units $units): ?string => Measuring::byArea(
            Length::yards(10),
            Length::inches(10),
            Weight::read($new),
            Weight::read('40 g'),
            $units,
        );
        $this->assertSame(
            ['10.8 g a square foot', '116 g a square metre', null],
            [$byArea('310 g', Units::Inches), $byArea('310 g', Units::Metric), $byArea('40 g', Units::Inches)],
        );
    }

    public function test_weights_are_read_as_people_write_them(): void
    {
        foreach (['175' => [17_500, '175 g'], '175 g' => [17_500, '175 g'], '0.31 kg' => [31_000, '0.31 kg'], '6,2 oz' => [17_577, '6.2 oz'], '1 lb' => [45_359, '1 lb'], ' 40.5 G' => [4_050, '40.5 g']] as $typed => $said) {
            $weight = Weight::read((string) $typed);
            $this->assertSame($said, [$weight->hundredths, $weight->shown()]);
            $this->assertEquals($weight, Weight::read($weight->shown()), 'as it is shown it is written again');
        }
        foreach (['', 'heavy', '-5 g', '60 kg', '1e3', '5 stone'] as $typed) {
            try {
                Weight::read($typed);
                $this->fail("\"$typed\" was read as a weight.");
            } catch (NotReadable $why) {
                $this->assertStringContainsString('is not a weight', $why->getMessage());
            }
        }
    }
}
