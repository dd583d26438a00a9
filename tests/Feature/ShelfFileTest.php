<?php

namespace Tests\Feature;

use App\Models\ShelfImport;
use App\Models\ShelfImportRow;
use App\Models\ShelfItem;
use App\Models\ShelfStock;
use App\Shelf\Import\Column;
use App\Shelf\Import\Laying;
use Database\Seeders\DemoShelf;
use Davrin\Core\Material\OnHand;
use Davrin\Core\Measure\Length;
use Davrin\Core\Shelf\MovementKind;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Database\Events\TransactionBeginning;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use PHPUnit\Framework\Attributes\DataProvider;

final class ShelfFileTest extends FeatureCase
{
    public function test_what_is_saved_is_read_in_again_as_it_was(): void
    {
        DemoShelf::lay();
        ShelfItem::begin('mesh', ['name' => '=2+3', 'colour' => '#112233', 'width' => '21 in', 'price' => '9.75']);
        $alike = ShelfItem::begin('mesh', ['name' => 'Alike']);
        $alike->take(
            [
                new OnHand(1, Length::inches(131)),
                new OnHand(1, Length::inches(131)),
                new OnHand(6, Length::inches(20), lot: 'B7'),
                new OnHand(2, Length::inches(20)),
            ],
        );
        $alike->stock()->where('kind', 'loose')->whereNull('lot')->firstOrFail()->move(MovementKind::Gone, -1, 'used');
        $csv = $this->get('/shelf.csv')->assertOk()->streamedContent();
        $before = $this->everything();
        ShelfItem::query()->delete();
        $import = $this->readAll($csv);
        $this->assertSame([], $import->rows()->whereNotNull('refused')->pluck('refused')->all());
        $this->post("/shelf-files/$import->id/shelf")->assertRedirect('/shelf');
        $this->assertSame($before, $this->everything());
    }

    public function test_a_formula_never_lives_in_what_is_saved(): void
    {
        foreach (['=cmd()', '+1', '-1', '@sum', 'plain'] as $name) {
            ShelfItem::begin('other', ['name' => $name])->takePieces(2);
        }
        $csv = $this->get('/shelf.csv')->streamedContent();
        foreach (["'=cmd()", "'+1", "'-1", "'@sum", 'plain'] as $safe) {
            $this->assertStringContainsString($safe, $csv);
        }
        $this->assertDoesNotMatchRegularExpression('/(^|,)"?[=+\-@]/m', $csv);
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function files(): iterable
    {
        yield 'commas' => ["name,width,left\nSage mesh,10 in,131 in\n", ['Sage mesh: 131 in']];
        yield 'semicolons and a BOM' => ["\xEF\xBB\xBFName;Width;Length left\nSage mesh;10;131\n", ['Sage mesh: 131 in']];
        yield 'a BOM before a quote' => ["\xEF\xBB\xBF\"name\",\"left\"\nSage mesh,131 in\n", ['Sage mesh: 131 in']];
        yield 'tabs' => ["name\twidth\tleft\nSage mesh\t10 in\t131 in\n", ['Sage mesh: 131 in']];
        yield 'quotes with commas and line ends in them' => [
            "name,about,kind,qty\n\"Sign, \"\"Read on\"\"\",\"pine,\nold\",sign,2\n",
            ['Sign, "Read on": 2'],
        ];
        yield 'an older encoding' => ["name;left\nGold lam\xE9;40 in\n", ['Gold lamé: 40 in']];
        yield 'Windows line ends and empty lines' => ["name,left\r\n\r\nSage mesh,131 in\r\n\r\n", ['Sage mesh: 131 in']];
        yield 'another order and names of columns' => [
            "Qty,Location,Product,Colour,Length\n2,board 1,Sage mesh,sage,20 in\n",
            ['Sage mesh: 2 x 20 in'],
        ];
        yield 'full rolls by the number' => [
            "name,roll,rolls\nSage mesh,10 yd,3\n",
            ['Sage mesh: 360 in', 'Sage mesh: 360 in', 'Sage mesh: 360 in'],
        ];
        yield 'metric' => ["name,width,roll,left\nSage mesh,25 cm,9 m,3 m\n", ['Sage mesh: 118 in']];
    }

    /** @param  list<string>  $there */
    #[DataProvider('files')]
    public function test_files_are_read_as_people_have_them(string $csv, array $there): void
    {
        $import = $this->readAll($csv);
        $this->assertSame([], $import->rows()->whereNotNull('refused')->pluck('refused')->all());
        $this->post("/shelf-files/$import->id/shelf")->assertSessionHas('said');
        $this->assertSame(
            $there,
            ShelfStock::query()->with('item')->orderBy('id')->get()->map(
                fn (ShelfStock $stock): string => "{$stock->item->name}: ".$stock->shown($stock->amount),
            )->all(),
        );
        $this->get('/shelf')->assertOk()->assertSee(ShelfItem::query()->firstOrFail()->name);
    }

    /** @return iterable<string, array{string, string}> */
    public static function rows(): iterable
    {
        yield 'no name' => [',10 in,360 in,131 in,1,mesh,310 g', 'It has no name'];
        yield 'less than nothing' => ['A,10 in,360 in,-4 in,1,mesh,', '"-4 in" is less than nothing'];
        yield 'longer than new' => ['A,10 in,10 yd,400 in,1,mesh,', '400 in are left, it says, of a roll that held 10 yd'];
        yield 'no length' => ['A,wide,360 in,131 in,1,mesh,', '"wide" is not a length'];
        yield 'a roll without its unit' => ['A,10 in,10,131 in,1,mesh,', '"10" has no unit'];
        yield 'no weight' => ['A,10 in,360 in,131 in,1,mesh,heavy', '"heavy" is not a weight'];
        yield 'no kind' => ['A,10 in,360 in,131 in,1,elephant,', 'the kind "elephant"'];
        yield 'half a roll' => ['A,10 in,360 in,131 in,1.5,mesh,', '"1.5" is not how many there can be'];
        yield 'too many cells' => ['A,10 in,360 in,131 in,1,mesh,,,', 'It has 9 cells, and the first line names 7 columns'];
    }

    #[DataProvider('rows')]
    public function test_a_row_that_cannot_be_is_refused_with_its_line_and_reason_and_the_others_are_not(string $row, string $says): void
    {
        $import = $this->readAll("name,width,roll,left,count,kind,new weight\nGood mesh,10 in,10 yd,131 in,1,mesh,310 g\n$row\n");
        $page = $this->get("/shelf-files/$import->id")->assertOk()->assertSee($says);
        $this->assertStringStartsWith('line 3', $this->texts($page, "//li[@class='is-refused']")[0]);
        $this->post("/shelf-files/$import->id/shelf");
        $this->assertSame(['Good mesh'], ShelfItem::query()->pluck('name')->all());
    }

    public function test_what_is_said_twice_or_is_on_the_shelf_already_is_refused(): void
    {
        ShelfItem::begin('mesh', ['name' => 'Old mesh'])->take([new OnHand(1, Length::inches(60))]);
        $import = $this->readAll("name,left\nSage mesh,131 in\nOld mesh,60 in\nSage mesh,131 in\nSage mesh,130 in\n");
        $this->assertSame(
            [
                3 => 'It is on the shelf already.',
                4 => 'It says the same as line 2. If there are two of it, write 2 in the column of how many.',
            ],
            $import->rows()->whereNotNull('refused')->pluck('refused', 'line')->all(),
        );
        $this->post("/shelf-files/$import->id/shelf");
        $this->assertSame(1, ShelfItem::query()->where('name', 'Sage mesh')->count());
        $this->assertSame(2, ShelfItem::query()->where('name', 'Sage mesh')->firstOrFail()->stock()->count());
    }

    public function test_reading_in_again_what_is_on_the_shelf_changes_nothing(): void
    {
        DemoShelf::lay();
        $alike = ShelfItem::begin('mesh', ['name' => 'Alike', 'width' => '25.4 cm']);
        $alike->take([new OnHand(6, Length::inches(20)), new OnHand(2, Length::inches(20)), new OnHand(1, Length::ofUnits(1_234_567))]);
        $alike->take([new OnHand(1, Length::millimetres(470))]);
        $stems = ShelfItem::begin('stems', ['name' => 'Stems, twice']);
        $stems->takePieces(48);
        $stems->takePieces(25);
        ShelfItem::begin('mesh', ['name' => 'Used up']);
        foreach (['inches', 'centimetres'] as $units) {
            $this->post('/units', ['units' => $units]);
            $before = $this->everything();
            $import = $this->readAll($this->get('/shelf.csv')->streamedContent());
            $this->assertSame([0, ['It is on the shelf already.']], [$import->good(), $import->rows()->distinct()->pluck('refused')->all()]);
            $this->assertSame($before, $this->everything());
        }
        $more = $this->readAll("name,kind,how much\n\"Stems, twice\",pipe cleaners,80\n");
        $this->assertSame('73 of these 80 are on the shelf already. Write only how many came besides.', $more->rows()->sole()->refused);
    }

    public function test_title_lines_are_skipped_and_another_line_can_be_said_to_name_the_columns(): void
    {
        $import = $this->open("My mesh,,\n\nbought in spring,,\nItem,Width,How much\nSage,10 in,131 in\n");
        $this->assertSame([2, ['name' => 0, 'width' => 1, 'left' => 2]], [$import->header_row, $import->columns]);
        $this->get("/shelf-files/$import->id")->assertSee('line 4: Item, Width, How much')->assertSee('line 5')->assertSee('roll of mesh: Sage');
        $this->post("/shelf-files/$import->id/columns", ['header' => '0', 'columns' => ['name' => '0']]);
        $this->assertSame([0, ['My mesh', '', '']], [$import->fresh()->header_row, $import->fresh()->header]);
        $this->post("/shelf-files/$import->id/columns", ['header' => '2']);
        $this->post("/shelf-files/$import->id/columns", ['read' => '1', 'columns' => $import->columns]);
        $this->post("/shelf-files/$import->id/step");
        $this->assertSame([5], $import->rows()->pluck('line')->all());
    }

    public function test_a_refused_row_is_mended_in_place(): void
    {
        $import = $this->readAll("name,left\nA,long\nB,60 in\n");
        $row = $import->rows()->whereNotNull('refused')->sole();
        $page = $this->get("/shelf-files/$import->id");
        $this->assertSame('long', $this->find($page, "//input[@name='cells[1]']")[0]->getAttribute('value'));
        $this->post("/shelf-files/$import->id/rows/$row->id", ['cells' => ['1' => 'longer']])->assertSessionHas('refused', 'Line 2: "longer" is not a length. Write it like "18 1/2", "18.5 in", "1 ft 6 in", "0.5 yd" or "47 cm".');
        $row = $import->rows()->whereNotNull('refused')->sole();
        $this->assertSame(['A', 'longer'], $row->cells);
        $this->post("/shelf-files/$import->id/rows/$row->id", ['cells' => ['1' => '60 in', '9' => 'x']])->assertSessionHas('said', 'Line 2 can go on the shelf now.');
        $this->assertSame([2, 0], [$import->good(), $import->refused()]);
        $this->post("/shelf-files/$import->id/rows/$row->id", ['cells' => ['1' => '70 in']])
            ->assertSessionHas('refused', 'That row was mended in another window meanwhile. Here is what is left.');
        $this->post("/shelf-files/$import->id/shelf");
        $this->assertEqualsCanonicalizing(['A', 'B'], ShelfItem::query()->pluck('name')->all());
    }

    public function test_columns_are_matched_by_hand_looked_at_and_matched_anew(): void
    {
        $import = $this->open("what,how long\nSage mesh,131 in\n");
        $this->assertSame([], $import->columns);
        $this->get("/shelf-files/$import->id")->assertOk()->assertSee('It has no name');
        $this->from("/shelf-files/$import->id")->post(
            "/shelf-files/$import->id/columns",
            ['read' => '1', 'columns' => ['left' => '1']],
        )->assertSessionHas('refused');
        $this->post(
            "/shelf-files/$import->id/columns",
            ['columns' => ['name' => '0', 'left' => '1', 'nothing' => '1', 'lot' => '99', 'kept' => 'x']],
        );
        $this->assertSame(['name' => 0, 'left' => 1], $import->fresh()->columns);
        $this->get("/shelf-files/$import->id")->assertSee('roll of mesh: Sage mesh');
        $this->assertSame(0, ShelfItem::query()->count());
        $this->post("/shelf-files/$import->id/columns", ['read' => '1', 'columns' => ['name' => '0', 'left' => '1']]);
        $this->post("/shelf-files/$import->id/step");
        $this->assertSame('read', $import->fresh()->state);
        $this->post("/shelf-files/$import->id/again");
        $this->assertSame(['matching', 0], [$import->fresh()->state, $import->rows()->count()]);
        $this->followingRedirects()->delete("/shelf-files/$import->id")->assertSee('Nothing of the file went on the shelf');
        $this->assertFileDoesNotExist($import->path());
    }

    public function test_a_file_that_nobody_came_back_to_is_forgotten(): void
    {
        $old = $this->open("name\nA\n");
        $this->travel(3)->days();
        $this->open("name\nB\n");
        $this->assertNull($old->fresh());
        $this->assertFileDoesNotExist($old->path());
    }

    public function test_a_file_that_was_cleared_away_is_told_of_and_loses_nothing(): void
    {
        $said = 'That file is not here any more, and nothing of it went on the shelf. Open it again.';
        $import = $this->open("name\nA\n");
        unlink($import->path());
        $this->from('/shelf')->post(
            "/shelf-files/$import->id/columns",
            ['read' => '1', 'columns' => ['name' => '0']],
        )->assertSessionHas('refused', $said);
        $this->get("/shelf-files/$import->id")->assertRedirect('/shelf')->assertSessionHas('refused', $said);
        $this->assertNull($import->fresh());
        $this->get('/shelf')->assertOk();
    }

    public function test_a_file_that_waits_is_put_on_the_shelf_in_the_currency_that_it_has_by_then(): void
    {
        $import = $this->readAll("name,price,left\nMoss mesh,6.50,20 in\n");
        $this->post('/currency', ['currency' => 'JPY', 'may_round' => '1']);
        $this->post("/shelf-files/$import->id/shelf")->assertSessionHas('said');
        $this->assertSame('7', ShelfItem::query()->firstWhere('name', 'Moss mesh')?->said['price']);
        $this->post('/currency', ['currency' => 'USD']);
        $this->assertSame('6.50', ShelfItem::query()->firstWhere('name', 'Moss mesh')?->said['price'], 'exact as it was in the file');
    }

    public function test_what_is_ended_in_the_middle_leaves_nothing_and_is_laid_whole_the_next_time(): void
    {
        $import = $this->readAll("name,left\n".implode('', array_map(fn (int $row): string => "Mesh $row,20 in\n", range(1, 520))));
        // The disk says no after some of the rows.
        $written = 0;
        ShelfImport::saved(function (ShelfImport $its) use (&$written): void {
            $written += $its->state === Laying::STATE ? 1 : 0;
            if ($written === 2) {
                throw new \RuntimeException('no');
            }
        });
        $this->post("/shelf-files/$import->id/shelf")->assertStatus(500);
        ShelfImport::flushEventListeners();
        ShelfImport::clearBootedModels();
        $this->assertSame([0, 0, 'read', 520], [DB::table('shelf_items')->count(), DB::table('shelf_stock')->count(), $import->refresh()->state, $import->good()]);
        // Or the power goes: what is written is there, and nobody sees it.
        $item = ShelfItem::begin('mesh', ['name' => 'Half']);
        $item->takePieces(3);
        foreach (['shelf_items', 'shelf_stock'] as $table) {
            DB::table($table)->update(['laid_by' => $import->id]);
        }
        $import->forceFill(['state' => Laying::STATE, 'updated_at' => now()])->save();
        $this->get('/shelf')->assertOk()->assertDontSee('Half');
        $this->get("/shelf/$item->id")->assertNotFound();
        $this->get("/shelf-files/$import->id")->assertOk()->assertSee('being put on the shelf in another window');
        $this->from('/shelf')->post("/shelf-files/$import->id/shelf")->assertSessionHas('refused', fn (string $said): bool => str_contains($said, 'in another window'));
        $this->travel(2)->minutes();
        $this->post("/shelf-files/$import->id/shelf")->assertSessionHas('said', fn (string $said): bool => str_starts_with($said, '520 things'));
        $this->assertSame([520, 520, 0], [ShelfItem::query()->count(), ShelfStock::query()->count(), DB::table('shelf_items')->whereNotNull('laid_by')->count()]);
    }

    public function test_a_laying_that_another_has_taken_over_stops_and_leaves_what_the_other_writes(): void
    {
        $import = $this->readAll("name,left\n".implode('', array_map(fn (int $row): string => "Mesh $row,20 in\n", range(1, 520))));
        $written = 0;
        ShelfImport::saved(function (ShelfImport $its) use (&$written): void {
            if ($its->state === Laying::STATE && ++$written === 2) {
                DB::table('shelf_imports')->where('id', $its->id)->update(['laying' => 'of another']);
            }
        });
        $this->from('/shelf')->post("/shelf-files/$import->id/shelf")->assertSessionHas('refused', fn (string $said): bool => str_contains($said, 'in another window'));
        ShelfImport::flushEventListeners();
        ShelfImport::clearBootedModels();
        $this->assertSame([Laying::STATE, 'of another'], [$import->refresh()->state, $import->laying]);
        $this->assertSame([0, 250], [ShelfItem::query()->count(), DB::table('shelf_items')->where('laid_by', $import->id)->count()]);
    }

    public function test_no_transaction_writes_more_rows_than_others_can_wait_for(): void
    {
        $import = $this->readAll("name,left\n".implode('', array_map(fn (int $row): string => "Mesh $row,20 in\n", range(1, 520))));
        [$rows, $most] = [0, 0];
        Event::listen(TransactionBeginning::class, function () use (&$rows): void {
            $rows = 0;
        });
        DB::listen(function (QueryExecuted $query) use (&$rows, &$most): void {
            $rows += str_starts_with($query->sql, 'insert into "shelf_stock"') ? substr_count($query->sql, '), (') + 1 : 0;
            $most = max($most, $rows);
        });
        $this->post("/shelf-files/$import->id/shelf")->assertSessionHas('said');
        $this->assertSame(520, ShelfStock::query()->count());
        $this->assertSame(250, $most);
    }

    public function test_uploads_that_were_cut_off_are_cleared_and_those_that_wait_stay(): void
    {
        $waits = $this->open("name\nA\n");
        [$cutOff, $young] = [storage_path('app/imports/cut-off.csv'), storage_path('app/imports/young.csv')];
        array_map(fn (string $file) => touch($file, $file === $cutOff ? time() - 7200 : time()), [$cutOff, $young]);
        touch($waits->path(), time() - 7200);
        $this->open("name\nB\n");
        $this->assertSame([false, true, true], array_map(is_file(...), [$cutOff, $young, $waits->path()]));
        unlink($young);
    }

    public function test_two_files_never_share_a_place(): void
    {
        $this->assertNotSame($this->open("name\nA\n")->path(), $this->open("name\nA\n")->path());
    }

    public function test_refused_rows_are_saved_with_their_reasons(): void
    {
        $import = $this->readAll("name,left\nA,long\n=B,short\n");
        $csv = $this->get("/shelf-files/$import->id/refused.csv")->streamedContent();
        $this->assertStringContainsString('A,long,2,', $csv);
        $this->assertStringContainsString("'=B,short,3,", $csv);
        $this->from('/shelf')->post("/shelf-files/$import->id/shelf")->assertSessionHas(
            'refused',
            'No row of this file can go on the shelf. Mend them as it says and open the file again.',
        );
    }

    public function test_files_that_are_no_tables_are_refused_with_a_reason(): void
    {
        foreach (['' => 'The file is empty', "\xEF\xBB\xBF\n\n" => 'The file is empty', "a\0b,c\0\n" => 'not a table of text', str_repeat('a,', 300)."\n" => 'not a table of text'] as $bytes => $says) {
            $this->from('/shelf')->post(
                '/shelf-files',
                ['file' => UploadedFile::fake()->createWithContent('x.csv', (string) $bytes)],
            )->assertRedirect('/shelf');
            $this->get('/shelf')->assertSee($says);
        }
        $this->from('/shelf')->post('/shelf-files')->assertSessionHas('refused');
        $this->assertSame(0, ShelfImport::query()->count());
    }

    public function test_a_long_file_is_read_in_steps_that_show_how_far_they_are_and_laid_in_one_go(): void
    {
        $rows = implode('', array_map(fn (int $row): string => "Mesh $row,10 in,".(100 + $row % 200)." in,board $row\n", range(1, 6000)));
        $import = $this->open("name,width,left,kept\n$rows");
        $this->post("/shelf-files/$import->id/columns", ['read' => '1', 'columns' => $import->columns]);
        $seen = [];
        while ($import->fresh()->state === 'reading') {
            $this->post("/shelf-files/$import->id/step");
            $seen[] = $import->fresh()->percent();
        }
        $this->assertCount(3, $seen);
        $this->assertTrue($seen[0] > 20 && $seen[0] < $seen[1] && $seen[1] < $seen[2]);
        $this->assertSame(0, ShelfItem::query()->count());
        $this->post("/shelf-files/$import->id/shelf")->assertSessionHas('said', '6000 things from shelf file.csv are on the shelf.');
        $this->assertSame([6000, 6000, 0], [ShelfItem::query()->count(), ShelfStock::query()->count(), ShelfImportRow::query()->count()]);
        $stock = ShelfStock::query()->where('kept', 'board 1234')->firstOrFail();
        $this->assertSame($stock->amount, $stock->ledger()->left());
    }

    public function test_every_column_is_known_by_its_own_name(): void
    {
        $this->assertSame(
            array_column(Column::cases(), 'value'),
            array_keys(Column::guess(array_map(fn (Column $column): string => mb_strtoupper($column->words()), Column::cases()))),
        );
    }

    private function open(string $csv): ShelfImport
    {
        $this->post('/shelf-files', ['file' => UploadedFile::fake()->createWithContent('shelf file.csv', $csv)])->assertRedirect();
        $import = ShelfImport::query()->latest('id')->firstOrFail();
        $this->get("/shelf-files/$import->id")->assertOk();

        return $import;
    }

    private function readAll(string $csv): ShelfImport
    {
        $import = $this->open($csv);
        $this->post("/shelf-files/$import->id/columns", ['read' => '1', 'columns' => $import->columns])->assertRedirect();
        while ($import->fresh()->state === 'reading') {
            $this->get("/shelf-files/$import->id")->assertOk()->assertSee('% read');
            $this->post("/shelf-files/$import->id/step");
        }

        return $import->fresh();
    }

    /** @return list<array<string, mixed>> */
    private function everything(): array
    {
        $known = ShelfItem::query()->orderBy('name')->orderBy('width')->get()->map(fn (ShelfItem $item): array => [$item->ware, $item->said])->all();

        return [$known, ShelfStock::query()->with('item')->where('amount', '>', 0)->get()->map(fn (ShelfStock $stock): array => [
            $stock->item->ware, $stock->item->said, $stock->kind->value, $stock->amount, $stock->known, $stock->lot, $stock->kept,
        ])->sortBy(fn (array $its): string => json_encode($its))->values()->all()];
    }
}
