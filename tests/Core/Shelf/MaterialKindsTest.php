<?php

declare(strict_types=1);

namespace Tests\Core\Shelf;

use Davrin\Core\Blank\NoteBlank;
use Davrin\Core\Blank\OutOfBounds;
use Davrin\Core\Blank\RoomBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Blank\WeightBlank;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Material\MaterialKind;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Recipe\BlankPart;
use Davrin\Core\Recipe\Recipe;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every kind of thing on the shelf, found by its key. */
final class MaterialKindsTest extends TestCase
{
    /** @return iterable<string, array{MaterialKind}> */
    public static function wares(): iterable
    {
        foreach (Craft::standard()->materials as $key => $ware) {
            yield $key => [$ware];
        }
    }

    #[DataProvider('wares')]
    public function test_its_sentence_has_every_blank_once_and_takes_back_what_it_shows(MaterialKind $ware): void
    {
        $slip = Slip::load($ware->shelfBlanks(Currency::UsDollar), [], '');
        preg_match_all('/\{(\w+)\}/', $ware->shelfSentence(), $found);
        $this->assertEqualsCanonicalizing(array_keys($slip->blanks), $found[1]);
        foreach (array_keys($slip->blanks) as $key) {
            $shown = $slip->blanks[$key]->options() === [] ? $slip->show($key, Units::Inches) : $slip->write()[$key];
            $this->assertSame($slip->write()[$key], $slip->with($key, $shown, Units::Inches)->write()[$key], $key);
        }
    }

    #[DataProvider('wares')]
    public function test_what_is_written_of_it_is_read_again_as_it_was(MaterialKind $ware): void
    {
        $slip = Slip::load($ware->shelfBlanks(Currency::UsDollar), [], '');
        $this->assertSame($slip->write(), Slip::load($ware->shelfBlanks(Currency::UsDollar), $slip->write(), '')->write());
        $this->assertNotSame($ware->noun()[0], $ware->noun()[1]);
        $this->assertArrayHasKey('name', $slip->write());
        $this->assertSame($ware->isWound(), $slip->has('roll'));
    }

    public function test_it_is_told_in_a_sentence_with_blanks(): void
    {
        $ware = Craft::standard()->materials['ribbon'];
        $line = Recipe::line(
            'item',
            $ware->shelfSentence(),
            Slip::load($ware->shelfBlanks(Currency::UsDollar), ['name' => 'Bee print', 'print' => 'upright', 'low' => '3 yd'], ''),
            Units::Inches,
        );
        $this->assertStringContainsString('Bee print', $line->text());
        $this->assertStringContainsString('a print that must stand upright', $line->text());
        $this->assertStringContainsString('Low below 108 in.', $line->text());
        $blanks = array_values(array_filter($line->parts, fn (string|BlankPart $part): bool => $part instanceof BlankPart));
        $this->assertSame('item.colour', $blanks[0]->address);
        $this->assertTrue($blanks[0]->isColour);
    }

    public function test_words_and_weights_may_be_left_out(): void
    {
        $note = new NoteBlank('supplier', 'where it is bought', 10);
        $this->assertSame(['', 'not said', ''], [$note->read('  ', null), $note->show('', Units::Inches), $note->read('Not said', null)]);
        $this->assertSame('the mill', $note->read(' the  mill ', null));
        $weight = new WeightBlank('newWeight', 'what a new roll weighs');
        $this->assertSame(
            [null, null, 'not weighed', '0.31 kg'],
            [
                $weight->read('', null),
                $weight->read('not weighed', null),
                $weight->write(null),
                $weight->write($weight->read('0.31 kg', null)),
            ],
        );
        $mark = new RoomBlank('low', 'when it runs low', Length::inches(1), Length::yards(5), 'no mark');
        $this->assertSame(
            [null, 'no mark', '36 in'],
            [$mark->read('No mark', Units::Inches), $mark->write(null), $mark->write($mark->read('1 yd', Units::Inches))],
        );
        foreach ([fn () => $note->read('a very long name', null), fn () => $weight->read(310, null), fn () => $mark->read('6 yd', Units::Inches)] as $read) {
            try {
                $read();
                $this->fail('It was taken.');
            } catch (OutOfBounds $why) {
                $this->assertNotSame('', $why->getMessage());
            }
        }
    }
}
