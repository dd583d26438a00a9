<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\NotReadable;
use Davrin\Core\Measure\Units;
use Eris\Generators;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\RandomTrials;

final class LengthTextTest extends TestCase
{
    use RandomTrials;

    /** @return iterable<string, array{string, int}> what is typed where inches are usual, and its length in 1/32 in */
    public static function typedInInches(): iterable
    {
        $inches = [
            '18 1/2' => 18.5, '18.5' => 18.5, '18,5 in' => 18.5, '18.5 in' => 18.5, '18 1/2 in' => 18.5, '18-1/2"' => 18.5, '18½' => 18.5, '18 ½ in' => 18.5,
            '18 1⁄2″' => 18.5, '½' => 0.5, '⅞ in' => 0.875, '3/8' => 0.375, '.5' => 0.5, '0.5 yd' => 18, '1/2 yd' => 18, '10 yd' => 360, '1 yd 6 in' => 42,
            '1 ft 6 in' => 18, '1 ft 6' => 18, "1' 6\"" => 18, '1’6”' => 18, '1 foot 6 inches' => 18, '2 feet' => 24, '1 yd 1 ft 1 in' => 49, '19 IN' => 19,
            ' 19  in. ' => 19, '0' => 0, '-2 in' => -2, '−2' => -2, "19\u{00A0}in" => 19, '1/3 in' => 11 / 32, '0.0313 in' => 1 / 32,
        ];
        foreach ($inches as $typed => $length) {
            yield (string) $typed => [(string) $typed, (int) round($length * 32)];
        }
    }

    #[DataProvider('typedInInches')]
    public function test_what_people_type_for_inches_is_read(string $typed, int $thirtySeconds): void
    {
        $this->assertSame($thirtySeconds * Length::PER_INCH / 32, LengthText::read($typed, Units::Inches)->units);
    }

    /** @return iterable<string, array{string, int}> what is typed where centimetres are usual, and its length in mm */
    public static function typedInCentimetres(): iterable
    {
        foreach (['47' => 470, '47 cm' => 470, '47,5' => 475, '9.15 m' => 9150, '1 m 20 cm' => 1200, '470 mm' => 470, '47½ cm' => 475, '1 metre' => 1000, '2 centimeters' => 20] as $typed => $millimetres) {
            yield (string) $typed => [(string) $typed, $millimetres];
        }
    }

    #[DataProvider('typedInCentimetres')]
    public function test_what_people_type_for_centimetres_is_read(string $typed, int $millimetres): void
    {
        $this->assertSame($millimetres * Length::PER_MILLIMETRE, LengthText::read($typed, Units::Metric)->units);
    }

    public function test_a_unit_that_is_typed_wins_over_the_setting(): void
    {
        $this->assertTrue(LengthText::read('10 in', Units::Metric)->equals(Length::inches(10)));
        $this->assertTrue(LengthText::read('10 cm', Units::Inches)->equals(Length::millimetres(100)));
    }

    /** @return iterable<string, array{string, string}> */
    public static function unreadable(): iterable
    {
        foreach (['', '   ', '-'] as $nothing) {
            yield "nothing \"$nothing\"" => [$nothing, $nothing === '-' ? 'is not a length' : 'missing'];
        }
        foreach (['a lot', '19 apples', '1/0', '18 1/2/2', '6 in 1 ft', '1 ft 6 ft', '1 ft 2 cm', '19 in 3', '--2', '1e3', '19 in; drop', "19\0in", '١٩'] as $text) {
            yield $text => [$text, 'is not a length'];
        }
        yield 'a thousands comma' => ['1,000 in', 'two ways'];
        yield 'longer than any roll' => ['5000 yd', 'longer than any roll'];
        yield 'more digits than a number holds' => [str_repeat('9', 300), 'longer than any roll'];
    }

    #[DataProvider('unreadable')]
    public function test_what_is_no_length_is_refused_with_a_sentence(string $typed, string $says): void
    {
        $this->expectException(NotReadable::class);
        $this->expectExceptionMessage($says);
        LengthText::read($typed, Units::Inches);
    }

    public function test_a_refusal_quotes_no_more_than_a_few_words(): void
    {
        try {
            LengthText::read(str_repeat('mesh ', 1000), Units::Inches);
            $this->fail('It was taken.');
        } catch (NotReadable $refused) {
            $this->assertLessThan(160, mb_strlen($refused->getMessage()));
        }
    }

    public function test_in_a_file_the_unit_must_stand(): void
    {
        $this->expectExceptionMessage('"19" has no unit');
        LengthText::read('19', null);
    }

    /** @return iterable<string, array{Length, string}> */
    public static function canonical(): iterable
    {
        yield 'whole inches' => [Length::inches(19), '19 in'];
        yield 'half' => [Length::inches(23, 1, 2), '23 1/2 in'];
        yield 'reduced' => [Length::inches(7, 6, 8), '7 3/4 in'];
        yield 'thirty-second' => [Length::inches(0, 1, 32), '1/32 in'];
        yield 'nothing' => [Length::zero(), '0 in'];
        yield 'missing' => [Length::inches(-7, -1, 4), '-7 1/4 in'];
        yield 'centimetres' => [Length::millimetres(475), '47.5 cm'];
        yield 'one millimetre' => [Length::millimetres(1), '0.1 cm'];
        yield 'a whole number of both is told in inches' => [Length::millimetres(254), '10 in'];
    }

    #[DataProvider('canonical')]
    public function test_a_length_has_one_way_to_stand_in_a_file(Length $length, string $text): void
    {
        $this->assertSame($text, LengthText::canonical($length));
    }

    public function test_what_is_written_is_read_back_exactly(): void
    {
        $this->limitTo($this->trials(100))->forAll(
            Generators::choose(-40_000, 40_000),
            Generators::bool(),
        )->then(function (int $steps, bool $metric): void {
            $length = $metric ? Length::millimetres($steps) : Length::inches(0, $steps, 32);
            $this->assertTrue(LengthText::read(LengthText::canonical($length), null)->equals($length), LengthText::canonical($length));
        });
    }

    public function test_what_a_blank_shows_is_read_back_to_the_millimetre_in_both_units(): void
    {
        $this->limitTo($this->trials(100))->forAll(
            Generators::choose(0, 40_000),
            Generators::bool(),
            Generators::elements(Units::cases()),
        )->then(function (int $steps, bool $metric, Units $units): void {
            $length = $metric ? Length::millimetres($steps) : Length::inches(0, $steps, 8);
            $this->assertEqualsWithDelta(
                $length->units,
                LengthText::read($units->exact($length), $units)->units,
                Length::PER_MILLIMETRE / 2,
                $units->exact($length),
            );
        });
    }

    public function test_what_is_reckoned_with_is_read_finer_than_what_is_cut(): void
    {
        foreach (['3.3 in' => 13_411, '3.3' => 13_411, '4 1/2 in' => 18_288, '8.4 cm' => 13_440, '84.25 mm' => 13_480, '1/3 in' => 1_355] as $typed => $units) {
            $this->assertSame($units, LengthText::fine((string) $typed, Units::Inches)->units, (string) $typed);
        }
        // The same to the nearest 1/32 in and millimetre.
        foreach (['3.3 in' => 106 * 127, '84.25 mm' => 84 * 160, '1/3 in' => 11 * 127] as $typed => $units) {
            $this->assertSame($units, LengthText::read($typed, Units::Inches)->units, $typed);
        }
        try {
            LengthText::fine('across', Units::Inches);
            $this->fail('It was read.');
        } catch (NotReadable $why) {
            $this->assertStringContainsString('"across" is not a length', $why->getMessage());
        }
        $this->expectException(NotReadable::class);
        LengthText::fine('2000 yd', Units::Inches);
    }
}
