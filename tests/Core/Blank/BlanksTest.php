<?php

declare(strict_types=1);

namespace Tests\Core\Blank;

use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\ColourBlank;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\CountsBlank;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\LengthsBlank;
use Davrin\Core\Blank\MoneyBlank;
use Davrin\Core\Blank\PercentBlank;
use Davrin\Core\Blank\PointsBlank;
use Davrin\Core\Blank\SectionsBlank;
use Davrin\Core\Blank\TextBlank;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Form\WeldsBlank;
use Davrin\Core\Geometry\Point;
use Davrin\Core\Material\RollsBlank;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Percent;
use Davrin\Core\Measure\Units;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Words\Refused;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\PlanCase;

/** What can be written in each kind of blank, how it stands in a file, and how it is shown. */
final class BlanksTest extends PlanCase
{
    /** @return iterable<string, array{Blank<covariant mixed>, string, mixed, string}> what is typed, what a file holds, what is shown */
    public static function taken(): iterable
    {
        $wires = new LengthsBlank('w', 'the wires', [], 0, 4);
        $length = LengthBlank::of('l', 'the length', Length::inches(1), Length::zero(), Length::yards(2));
        $roll = LengthBlank::ofRoll('r', 'the roll', Length::yards(10), Length::inches(6), Length::yards(200));
        $rows = new CountsBlank('c', 'the rows', [6], 1, 3, 1, 20);
        $sections = new SectionsBlank('s', 'the sections');
        $welds = new WeldsBlank('w', 'the welds');
        $rolls = new RollsBlank('n', 'the rolls', null, 9);
        $cases = [
            [$wires, '14, 12 1/2 in', ['14 in', '12 1/2 in'], '14, 12 1/2 in'],
            [$wires, '35 cm; 30 cm', ['35 cm', '30 cm'], '35, 30 cm'],
            [$wires, 'none', [], 'none'],
            [$length, '1 ft', '12 in', '12 in'],
            [$roll, '10 yd', '360 in', '10 yd'],
            [$roll, '115 in', '115 in', '9 ft 7 in'],
            [$rows, '6, 12', [6, 12], '6, 12'],
            [$rows, '6 and 12', [6, 12], '6, 12'],
            [$sections, 'every section', 'every section', 'every section'],
            [$sections, 'all', 'every section', 'every section'],
            [$sections, '1 to 4', [1, 2, 3, 4], 'sections 1 to 4'],
            [$sections, 'sections 5, 1 and 2', [1, 2, 5], 'sections 1, 2 and 5'],
            [$sections, '3', [3], 'section 3'],
            [$rolls, 'No rolls', 0, 'none'],
            [$welds, 'in place', [], 'in place'],
            [$welds, '3: 1/2 in, 5: out', ['3: 1/2 in', '5: out'], '3: 1/2 in, 5: out'],
            [$welds, '3: -1 1/4', ['3: -1 1/4 in'], '3: -1 1/4 in'],
            [$rolls, 'as many as needed', 'as needed', 'as many as needed'],
            [$rolls, '2 rolls', 2, '2 rolls'],
            [$rolls, '1', 1, '1 roll'],
            [new PointsBlank('p', 'the points', Point::list([[0.0, 0.0], [1.0, 1.0]])), '0 0, 12.5 -3', ['0 0', '12.5 -3'], '0 0, 12.5 -3'],
            [new TextBlank('t', 'the name', 'x', 20), "  a \n wreath ", 'a wreath', 'a wreath'],
            [new ColourBlank('c', 'the colour', '#000000'), ' #1D6A6B', '#1d6a6b', 'teal'],
            [new ColourBlank('c', 'the colour', '#7f9a76'), 'Rust', '#a5502f', 'rust'],
            [new CountBlank('c', 'the count', 1, 0, 9), ' 7 ', 7, '7'],
            [new MoneyBlank('m', 'the price', Money::cents(0, Currency::UsDollar), Money::cents(9999, Currency::UsDollar)), '$6.5', '6.50', '$6.50'],
            [new PercentBlank('p', 'the allowance', Percent::of(0), Percent::of(25)), '2,5', '2.5 %', '2.5 %'],
            [new ChoiceBlank('k', 'the kind', 'a', ['a' => 'one', 'b' => 'other']), 'b', 'b', 'other'],
        ];
        foreach ($cases as [$blank, $typed, $written, $shown]) {
            yield $blank::class." $typed" => [$blank, $typed, $written, $shown];
        }
    }

    /** @param  Blank<mixed>  $blank */
    #[DataProvider('taken')]
    public function test_what_is_typed_is_written_and_shown_the_one_way(Blank $blank, string $typed, mixed $written, string $shown): void
    {
        $value = $blank->read($typed, Units::Inches);
        $this->assertSame($written, $blank->write($value));
        $this->assertSame($shown, $blank->show($value, Units::Inches));
        // What a file holds is read back as the same.
        $this->assertSame($written, $blank->write($blank->read($written, null)));
    }

    /** @param  Blank<mixed>  $blank */
    #[DataProvider('taken')]
    public function test_the_schema_takes_what_is_written(Blank $blank, string $typed, mixed $written): void
    {
        $schema = json_decode(
            (string) json_encode(['$defs' => ['length' => ['type' => 'string']], 'properties' => ['it' => $blank->schema()]]),
        );
        $this->assertTrue((new Validator)->validate(json_decode((string) json_encode(['it' => $written])), $schema)->isValid());
    }

    /** @return iterable<string, array{Blank<covariant mixed>, mixed, string}> */
    public static function refused(): iterable
    {
        $cases = [
            [new LengthsBlank('w', 'the wires', [], 1, 4), '1, 2, 3, 4, 5', 'write 1 to 4 lengths'],
            [new LengthsBlank('w', 'the wires', [], 1, 4), [14], 'written with their unit'],
            [new LengthsBlank('w', 'the wires', [], 1, 4), 7, 'must be a list of lengths'],
            [new CountsBlank('c', 'the rows', [6], 1, 3, 1, 20), '6, many', 'not a whole number'],
            [new CountsBlank('c', 'the rows', [6], 1, 3, 1, 20), '6, 21', 'between 1 and 20'],
            [new SectionsBlank('s', 'the sections'), '4 to 2', 'or their numbers'],
            [new SectionsBlank('s', 'the sections'), '0', 'or their numbers'],
            [new SectionsBlank('s', 'the sections'), '25', 'or their numbers'],
            [new SectionsBlank('s', 'the sections'), 3, 'or their numbers'],
            [new WeldsBlank('w', 'the welds'), '3 sticks out', 'says nothing of a weld'],
            [new WeldsBlank('w', 'the welds'), '3: a bit', 'is not a length'],
            [new WeldsBlank('w', 'the welds'), array_fill(0, 25, '3: out'), 'write 0 to 24'],
            [new RollsBlank('n', 'the rolls', null, 9), '10', 'between 0 and 9'],
            [new PointsBlank('p', 'the points', [Point::middle()]), '1,2;3', 'write 2 to 240 points'],
            [new TextBlank('t', 'the name', 'x', 5), 'too long', '1 to 5 characters'],
            [new TextBlank('t', 'the name', 'x', 5), "\xC3\x28", '1 to 5 characters'],
            [new ColourBlank('c', 'the colour', '#000000'), 'tealish', 'is no colour that I know by name'],
            [new CountBlank('c', 'the count', 1, 0, 9), 1.5, 'must be a whole number'],
            [new CountBlank('c', 'the count', 1, 0, 9), '1e9', 'not a whole number'],
            [new MoneyBlank('m', 'the price', Money::cents(0, Currency::UsDollar), Money::cents(9999, Currency::UsDollar)), 6, 'a price written as text'],
            [new MoneyBlank('m', 'the price', Money::cents(0, Currency::UsDollar), Money::cents(9999, Currency::UsDollar)), '100', 'between $0.00 and $99.99'],
            [new PercentBlank('p', 'the allowance', Percent::of(0), Percent::of(25)), '-1', 'between 0 % and 25 %'],
            [new ChoiceBlank('k', 'the kind', 'a', ['a' => 'one', 'b' => 'other']), 'c', 'The kind can be a, b; "c" is not one of them'],
            [new ChoiceBlank('k', 'the kind', 'a', ['a' => 'one']), ['a'], 'must be one of a'],
        ];
        foreach ($cases as $index => $case) {
            yield "$index ".$case[0]::class => $case;
        }
    }

    /** @param  Blank<mixed>  $blank */
    #[DataProvider('refused')]
    public function test_what_a_blank_does_not_take_is_refused_with_a_sentence(Blank $blank, mixed $raw, string $says): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessage($says);
        $blank->read($raw, Units::Inches);
    }

    public function test_every_blank_of_every_kind_has_a_default_that_it_takes_itself(): void
    {
        foreach (array_keys(Craft::standard()->forms) as $kind) {
            $plan = $this->plan(['form' => ['kind' => $kind], 'parts' => [['length' => '8 in']]]);
            foreach ($this->slips($plan) as $blank) {
                $written = $blank->write($blank->default());
                $this->assertSame($written, $blank->write($blank->read($written, null)), $blank->label());
                $this->assertNotSame('', $blank->label());
                $this->assertArrayHasKey('description', $blank->schema());
            }
        }
    }

    /** @return list<Blank<mixed>> */
    private function slips(Plan $plan): array
    {
        return array_merge(...array_map(fn ($slip): array => array_values($slip->blanks), array_values($plan->slips())));
    }
}
