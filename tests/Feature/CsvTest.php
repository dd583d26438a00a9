<?php

namespace Tests\Feature;

use App\Shelf\Import\Column;
use App\Shelf\Import\CsvFile;
use App\Shelf\Import\CsvRow;
use App\Shelf\Import\ReadRow;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Material\OnHandBlank;
use Davrin\Core\Words\Refused;
use PHPUnit\Framework\Attributes\DataProvider;

/** Files as they come from other tables, cell by cell. */
final class CsvTest extends FeatureCase
{
    public function test_how_a_file_is_written_is_found_out_from_its_first_lines(): void
    {
        foreach (["a;b;c\n1;2;3\n" => ';', "a,b\n" => ',', "a\tb\tc\n" => "\t", "one\n" => ',', "\"a;b\",c,d\n" => ',', "a;b,c;d\n" => ';'] as $bytes => $separator) {
            $this->assertSame($separator, $this->file($bytes)->separator, json_encode($bytes));
        }
        $this->assertTrue($this->file("name\nGold lamé\n")->isUtf8);
        $this->assertFalse($this->file("name\nGold lam\xE9\n")->isUtf8);
        // A sign that the look would cut in two does not make it another encoding.
        $this->assertTrue($this->file(str_repeat('a', 65_535).'é')->isUtf8);
    }

    public function test_rows_are_read_on_from_where_one_stopped(): void
    {
        $file = $this->file("\xEF\xBB\xBFname;left\nA;1\n\n;;\nB;\"2\n3\"\nC;4");
        $all = iterator_to_array($file->rows());
        $this->assertSame([['name', 'left'], ['A', '1'], ['B', "2\n3"], ['C', '4']], array_values($all));
        $places = array_keys($all);
        $this->assertSame([['B', "2\n3"], ['C', '4']], array_values(iterator_to_array($file->rows($places[1]))));
        $this->assertSame([], iterator_to_array($file->rows($places[3])));
    }

    public function test_what_a_table_would_work_out_is_guarded_and_read_without_its_guard(): void
    {
        foreach (['=1+1', '+1', '-1', '@a', "\tx", "'quoted'", 'plain', ''] as $cell) {
            $guarded = CsvFile::guarded($cell);
            $this->assertDoesNotMatchRegularExpression('/^[=+\-@\t\r]/', $guarded);
            $this->assertSame(
                trim($cell),
                array_values(iterator_to_array($this->file('"'.str_replace('"', '""', $guarded)."\",x\n")->rows()))[0][0],
            );
        }
    }

    public function test_a_formula_is_guarded_wherever_a_table_may_begin_a_cell_and_comes_back_as_it_was(): void
    {
        foreach (['teal;=1+1', "teal\t@cmd", 'teal, +1', 'teal|=2', 'a;"=1', "'=1", "''=1", "teal; '=1", 'teal - gold', '1,5 = 2', "it's; fine"] as $cell) {
            $guarded = CsvFile::guarded($cell);
            $this->assertDoesNotMatchRegularExpression('/(^|[,;|\t]"?)\s*[=+\-@]/', $guarded);
            $this->assertSame(
                $cell,
                array_values(iterator_to_array($this->file('"'.str_replace('"', '""', $guarded)."\",x\n")->rows()))[0][0],
            );
        }
        $this->assertSame('teal - gold', CsvFile::guarded('teal - gold'));
    }

    public function test_headers_are_understood_in_any_order_case_and_with_signs_between(): void
    {
        $this->assertSame(
            ['name' => 1, 'colour' => 3, 'width' => 0, 'left' => 2, 'lot' => 4],
            Column::guess(['WIDTH', 'Item', 'Length_left', 'Color', 'Dye-Lot', 'nothing known']),
        );
        // One column says one thing, the first that fits.
        $this->assertSame(['name' => 0], Column::guess(['Name', 'Name']));
        $this->assertSame([], Column::guess([]));
    }

    /** @return iterable<string, array{array<string, string>, list<mixed>}> */
    public static function understood(): iterable
    {
        yield 'a full roll by its label' => [['name' => 'A'], ['mesh', 'full', 360, 1, 'by label']];
        yield 'a begun one was measured' => [['name' => 'A', 'left' => '131'], ['mesh', 'part', 131, 1, 'measured']];
        yield 'loose pieces' => [['name' => 'A', 'left' => '20 in', 'count' => '6'], ['mesh', 'loose', 6, 1, 'measured']];
        yield 'two opened rolls alike' => [
            ['name' => 'A', 'left' => '131 in', 'count' => '2', 'as' => 'Rolls'],
            ['mesh', 'part', 131, 2, 'measured'],
        ];
        yield 'a piece alone' => [['name' => 'A', 'left' => '20 in', 'as' => 'loose piece'], ['mesh', 'loose', 1, 1, 'measured']];
        yield 'several full rolls' => [['name' => 'A', 'count' => '3'], ['mesh', 'full', 360, 3, 'by label']];
        yield 'a full roll that was measured' => [
            ['name' => 'A', 'left' => '10 yd', 'known' => 'measured'],
            ['mesh', 'full', 360, 1, 'measured'],
        ];
        yield 'nothing left' => [['name' => 'A', 'left' => '0 in'], ['mesh', 'part', 0, 1, 'measured']];
        yield 'ribbon by its plural' => [
            ['name' => 'A', 'ware' => 'Rolls of ribbon', 'left' => '2 yd'],
            ['ribbon', 'part', 72, 1, 'measured'],
        ];
        yield 'signs' => [['name' => 'A', 'ware' => 'signs', 'count' => '2'], ['sign', 'heap', 2, 1, 'counted']];
        yield 'zip ties as they are said' => [
            ['name' => 'A', 'ware' => 'zip ties', 'left' => '140'],
            ['zip-ties', 'heap', 140, 1, 'counted'],
        ];
    }

    /**
     * @param  array<string, string>  $cells
     * @param  list<mixed>  $said
     */
    #[DataProvider('understood')]
    public function test_rows_are_understood(array $cells, array $said): void
    {
        $row = ReadRow::of($cells, Craft::standard());
        $amount = in_array($row->stock['kind'], ['full', 'part'], true) ? intdiv($row->stock['amount'], 4064) : $row->stock['amount'];
        $this->assertSame($said, [$row->ware->key(), $row->stock['kind'], $amount, $row->stock['times'], $row->stock['known']]);
    }

    public function test_words_are_taken_for_what_they_mean(): void
    {
        $row = ReadRow::of(
            [
                'name' => ' Sage ',
                'colour' => 'Sage',
                'weave' => 'Metallic stripe',
                'body' => 'FULL-BODIED',
                'price' => '7.50',
                'newWeight' => '310 g',
                'lot' => 'run 4, b',
                'kept' => str_repeat('x', 99),
            ],
            Craft::standard(),
        );
        $this->assertSame(
            ['#7f9a76', 'metallic', 'full-bodied', '7.50', 'not known', '310 g'],
            array_map(fn (string $key): mixed => $row->said[$key], ['colour', 'weave', 'body', 'price', 'paid', 'newWeight']),
        );
        $this->assertSame(['run-4-b', 60], [$row->stock['lot'], mb_strlen($row->stock['kept'])]);
    }

    /** @return iterable<string, array{array<string, string>, list<mixed>}> */
    public static function named(): iterable
    {
        yield 'deco mesh' => [['name' => 'Teal', 'ware' => 'Deco Mesh'], ['mesh', 'colour' => '#1d6a6b']];
        yield 'poly jute' => [['name' => 'A', 'ware' => 'poly jute'], ['mesh', 'weave' => 'poly-jute']];
        yield 'chenille stems' => [['name' => 'A', 'ware' => 'Chenille stems', 'count' => '48'], ['stems']];
        yield 'pipe cleaners' => [['name' => 'A', 'ware' => 'pipe cleaners', 'count' => '48'], ['stems']];
        yield 'wired ribbon' => [['name' => 'A', 'ware' => 'wired ribbon'], ['ribbon', 'wired' => 'wired']];
        yield 'by its name alone' => [['name' => 'Green pipe cleaners', 'count' => '48'], ['stems', 'colour' => '#4d8a4a']];
        yield 'a colour of its own' => [['name' => 'Teal mesh', 'colour' => 'dusty rust'], ['mesh', 'colour' => '#a5502f']];
        yield 'a colour as digits' => [['name' => 'A', 'colour' => '1D6A6B'], ['mesh', 'colour' => '#1d6a6b']];
        yield 'an ordinary grade' => [['name' => 'A', 'allowance' => 'Ordinary'], ['mesh', 'allowance' => '1 %']];
        yield 'a cheap grade' => [['name' => 'A', 'allowance' => 'cheap'], ['mesh', 'allowance' => '2 %']];
        yield 'no price' => [['name' => 'A'], ['mesh', 'price' => 'not known', 'paid' => 'not known']];
    }

    /**
     * @param  array<string, string>  $cells
     * @param  array<array-key, string>  $said
     */
    #[DataProvider('named')]
    public function test_things_colours_and_grades_are_known_by_what_people_call_them(array $cells, array $said): void
    {
        $row = ReadRow::of($cells, Craft::standard());
        $keys = array_filter(array_keys($said), is_string(...));
        $this->assertSame($said, [$row->ware->key()] + array_intersect_key($row->said, array_flip($keys)));
    }

    public function test_old_line_ends_and_other_encodings_are_read_and_a_quote_that_is_never_closed_is_found(): void
    {
        foreach (["name,left\rA,1\rB,2\r", "name,left\r\nA,1\rB,2\n", "\xFF\xFE".mb_convert_encoding("name,left\nA,1\nB,2\n", 'UTF-16LE')] as $bytes) {
            $this->assertSame([['name', 'left'], ['A', '1'], ['B', '2']], array_values(iterator_to_array($this->file($bytes)->rows())));
        }
        foreach (["a,b\n1,\"two\n3,4\n" => 2, "a,b\n1,\"two\nlines\"\n" => null, "a,b\n10\" wide,2\n" => null, "a,b\n\"say \"\"so\"\"\",2\n" => null, "\xEF\xBB\xBF\"a,b\n" => 1] as $bytes => $line) {
            $this->assertSame($line, $this->file($bytes)->lineOfUnclosedQuote(), json_encode($bytes) ?: '');
        }
        $lines = array_map(fn (CsvRow $row): int => $row->line, iterator_to_array($this->file("a\n\n\"two\nlines\"\nb\n")->lines(), false));
        $this->assertSame([1, 3, 5], $lines);
    }

    public function test_rows_that_say_the_same_are_alike_however_it_is_known(): void
    {
        $alike = fn (array $cells): string => ReadRow::of($cells, Craft::standard())->alike();
        $this->assertSame($alike(['name' => 'A', 'left' => '131 in']), $alike(['name' => 'A', 'left' => '131', 'known' => 'weighed']));
        $this->assertNotSame($alike(['name' => 'A', 'left' => '131 in']), $alike(['name' => 'A', 'left' => '130 in']));
        $this->assertNotSame($alike(['name' => 'A', 'left' => '131 in']), $alike(['name' => 'A', 'left' => '131 in', 'lot' => 'B']));
    }

    public function test_a_lot_that_a_file_names_can_be_read_again_in_a_plan(): void
    {
        foreach (['#4, blue' => '4-blue', '-B7' => 'B7', './x' => 'x', 'run 4, b' => 'run-4-b', '--' => null, ' ' => null, 'Charge 2026/11 teal stripe' => 'Charge-2026/11-t'] as $given => $lot) {
            $this->assertSame(
                $lot,
                ReadRow::of(['name' => 'A', 'left' => '20 in', 'lot' => $given], Craft::standard())->stock['lot'],
                $given,
            );
            $on = (new OnHandBlank('onHand', ''))->read(['20 in'.($lot === null ? '' : " lot $lot")], null);
            $this->assertSame($lot, $on[0]->lot);
        }
    }

    public function test_what_is_wrong_is_said_in_a_sentence(): void
    {
        foreach ([['name' => 'A', 'allowance' => 'dear'], ['name' => 'A', 'colour' => 'like leaves'], ['name' => str_repeat('x', 41)], ['name' => 'A', 'price' => 'free'], ['name' => 'A', 'wired' => 'a bit', 'ware' => 'ribbon'], ['name' => 'A', 'count' => '1000000'], ['name' => 'A', 'left' => '20 in', 'as' => 'a heap']] as $cells) {
            try {
                ReadRow::of($cells, Craft::standard());
                $this->fail(json_encode($cells).' was taken.');
            } catch (Refused $why) {
                $this->assertMatchesRegularExpression('/^["A-Z].+\.$/u', $why->getMessage());
            }
        }
    }

    private function file(string $bytes): CsvFile
    {
        $path = tempnam(sys_get_temp_dir(), 'csv');
        file_put_contents((string) $path, $bytes);
        $this->beforeApplicationDestroyed(fn () => @unlink((string) $path));

        CsvFile::tidy((string) $path);

        return CsvFile::of((string) $path);
    }
}
