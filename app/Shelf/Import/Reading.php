<?php

namespace App\Shelf\Import;

use App\Models\ShelfImport;
use App\Models\ShelfImportRow;
use App\Settings\House;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Shelf\StockKind;
use Davrin\Core\Words\Refused;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;

/** Reads a file step by step, so that its progress can be shown and it never is in memory as a whole. */
final readonly class Reading
{
    public const A_STEP = 2_500;

    private const MOST_CELLS = 200;

    private const KEPT_DAYS = 2;

    /** Among so many rows the one that names the columns is looked for. */
    private const LOOKED_AT = 20;

    public function __construct(private Craft $craft, private House $house) {}

    /** @throws FileRefused */
    public function open(UploadedFile $upload): ShelfImport
    {
        $this->forgetOld();
        CsvFile::tidy($upload->getPathname());
        $csv = CsvFile::of($upload->getPathname());
        $first = self::first($csv);
        $text = implode('', array_merge(...array_column($first, 'cells')));
        if ($first === []) {
            throw FileRefused::empty();
        }
        if (
            max(array_map(fn (CsvRow $row): int => count($row->cells), $first)) > self::MOST_CELLS
            || ! mb_check_encoding($text, 'UTF-8')
            || str_contains($text, "\0")
        ) {
            throw FileRefused::noTable();
        }
        $line = $csv->lineOfUnclosedQuote();
        if ($line !== null) {
            throw FileRefused::unclosedQuote($line);
        }
        $header = self::headerRow($first);

        return DB::transaction(function () use ($upload, $csv, $first, $header): ShelfImport {
            $import = ShelfImport::query()->create([
                'name' => mb_substr(mb_scrub($upload->getClientOriginalName()), 0, 80),
                'file' => Str::uuid().'.csv',
                'separator' => $csv->separator,
                'is_utf8' => $csv->isUtf8,
                'header' => $first[$header]->cells,
                'header_row' => $header,
                'columns' => Column::guess($first[$header]->cells),
                'state' => 'matching',
                'size' => (int) filesize($upload->getPathname()),
                'at' => $first[$header]->behind,
                'line' => $first[$header]->line,
            ]);
            File::ensureDirectoryExists(dirname($import->path()));
            $upload->move(dirname($import->path()), basename($import->path()));

            return $import;
        });
    }

    /**
     * The first rows, one of which names the columns.
     *
     * @return list<CsvRow>
     */
    public static function first(CsvFile $csv): array
    {
        $first = [];
        foreach ($csv->lines() as $row) {
            $first[] = $row;
            if (count($first) === self::LOOKED_AT) {
                break;
            }
        }

        return $first;
    }

    /**
     * Of the first rows the one that most columns are known by: lines before it are a title.
     *
     * @param  non-empty-list<CsvRow>  $first
     */
    private static function headerRow(array $first): int
    {
        $known = array_map(function (CsvRow $row): int {
            $guess = Column::guess($row->cells);

            return isset($guess['name']) ? count($guess) + 1 : count($guess);
        }, $first);

        return (int) array_search(max($known), $known, true);
    }

    /** Files that nobody came back to. */
    private function forgetOld(): void
    {
        foreach (ShelfImport::query()->where('updated_at', '<', now()->subDays(self::KEPT_DAYS))->get() as $import) {
            Laying::takeBack($import);
            @unlink($import->path());
            $import->delete();
        }
        $this->forgetCutOff();
    }

    /** An upload that was cut off leaves a file that no import knows. */
    private function forgetCutOff(): void
    {
        $known = ShelfImport::query()->pluck('file')->flip();
        foreach (glob(storage_path('app/imports/*.csv')) ?: [] as $file) {
            if (! $known->has(basename($file)) && (int) @filemtime($file) < now()->subHour()->getTimestamp()) {
                @unlink($file);
            }
        }
    }

    /**
     * What the first rows come to with these columns.
     *
     * @return list<array{line: int, cells: list<string>, row: ?ReadRow, refused: ?string}>
     */
    public function preview(ShelfImport $import, int $count): array
    {
        [$seen, $header] = [[], $this->header($import)];
        foreach ($header === null ? [] : CsvFile::ofImport($import)->lines($header->behind, $header->line + 1) as $row) {
            $seen[] = ['line' => $row->line, 'cells' => $row->cells, ...$this->read($import, $row->cells)];
            if (count($seen) === $count) {
                break;
            }
        }

        return $seen;
    }

    /**
     * Which column says what. A file that is read already keeps its columns until it is to be matched again.
     *
     * @param  array<string, int>  $columns
     * @param  ?int  $header  the row that names the columns, from 0; null where that stays as it is
     *
     * @throws FileRefused
     */
    public function match(ShelfImport $import, array $columns, bool $read, ?int $header = null): void
    {
        DB::transaction(function () use ($import, $columns, $read, $header): void {
            $import->refresh();
            if ($import->state !== 'matching') {
                return;
            }
            $named = $header === null || $header === $import->header_row ? null : self::first(CsvFile::ofImport($import))[$header] ?? null;
            if ($named !== null) {
                // Other names, so what was matched by hand was matched to others.
                $import->update(['header' => $named->cells, 'header_row' => $header, 'columns' => Column::guess($named->cells)]);

                return;
            }
            $import->update(['columns' => $columns]);
            if ($read && isset($columns['name'])) {
                $import->rows()->delete();
                $row = $this->header($import);
                $import->update(['state' => 'reading', 'at' => $row->behind ?? 0, 'line' => $row->line ?? 1]);
            }
        });
        if ($read && ! isset($columns['name'])) {
            throw FileRefused::noColumns();
        }
    }

    /** What was read is forgotten, and its columns are matched again; what lies on the shelf already stays. */
    public function again(ShelfImport $import): void
    {
        DB::transaction(function () use ($import): void {
            $import->refresh();
            if (! in_array($import->state, ['done', Laying::STATE], true)) {
                $import->rows()->delete();
                $import->update(['state' => 'matching']);
            }
        });
    }

    /** Reads on for one step. */
    public function step(ShelfImport $import): void
    {
        DB::transaction(function () use ($import): void {
            $import->refresh();
            if ($import->state !== 'reading') {
                return;
            }
            [$at, $line, $rows] = [$import->at, $import->line, []];
            foreach (CsvFile::ofImport($import)->lines($import->at, $import->line + 1) as $row) {
                [$at, $line] = [$row->behind, $row->line + substr_count(implode('', $row->cells), "\n")];
                $rows[] = ['line' => $row->line, 'cells' => $row->cells, ...$this->read($import, $row->cells)];
                if (count($rows) === self::A_STEP) {
                    break;
                }
            }
            $this->keep($import, $rows);
            $import->update(['at' => $at, 'line' => $line, 'state' => count($rows) < self::A_STEP ? 'read' : 'reading']);
        });
    }

    /** @param  list<array{line: int, cells: list<string>, row: ?ReadRow, refused: ?string}>  $rows */
    private function keep(ShelfImport $import, array $rows): void
    {
        $alike = array_map(fn (array $row): ?string => $row['row']?->alike(), $rows);
        $before = [];
        foreach (array_chunk(array_values(array_unique(array_filter($alike))), 500) as $some) {
            $before += $import->rows()->whereIn('alike', $some)->whereNull('refused')->pluck('line', 'alike')->all();
        }
        $onShelf = $this->onShelf(array_values(array_filter(array_column($rows, 'row'))));
        $kept = [];
        foreach ($rows as $index => $row) {
            [$hash, $read] = [$alike[$index], $row['row']];
            $refused = match (true) {
                $read === null => $row['refused'],
                isset($before[$hash]) => RowRefused::sameAs((int) $before[$hash])->getMessage(),
                default => self::refusedAsThere($read, $onShelf),
            };
            if ($refused === null) {
                $before[$hash] = $row['line'];
            }
            $kept[] = [
                'shelf_import_id' => $import->id,
                'line' => $row['line'],
                'refused' => $refused,
                'cells' => json_encode($row['cells'], JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE),
                'ware' => $read?->ware->key(),
                'said' => $read === null ? null : json_encode($read->said, JSON_THROW_ON_ERROR),
                'stock' => $read === null ? null : json_encode($read->stock, JSON_THROW_ON_ERROR),
                'alike' => $hash,
            ];
        }
        foreach (array_chunk($kept, 100) as $some) {
            ShelfImportRow::query()->insert($some);
        }
    }

    /**
     * What is on the shelf already does not go there once more.
     *
     * @param  array<string, int>  $onShelf  how many there are, by what is said of it
     */
    private static function refusedAsThere(ReadRow $row, array $onShelf): ?string
    {
        $there = $onShelf[self::shelfKey($row->ware->key(), $row->said['name'], self::width($row), $row->stock)] ?? 0;
        $isCounted = $row->stock['kind'] === StockKind::Heap->value || $row->stock['kind'] === StockKind::Loose->value;
        $given = $isCounted ? $row->stock['amount'] : $row->stock['times'];

        return match (true) {
            $given === 0 => isset($onShelf[self::thingKey($row->ware->key(), $row->said['name'], self::width($row))])
                ? RowRefused::onShelf()->getMessage()
                : null,
            $there === 0 => null,
            $there < $given => RowRefused::someOnShelf($there, $given)->getMessage(),
            default => RowRefused::onShelf()->getMessage(),
        };
    }

    private static function width(ReadRow $row): int
    {
        return isset($row->said['width']) ? LengthText::read($row->said['width'], null)->units : 0;
    }

    /**
     * What is on the shelf already of what these rows name: how many rolls or pieces alike, and each thing itself.
     *
     * @param  list<ReadRow>  $rows
     * @return array<string, int>
     */
    private function onShelf(array $rows): array
    {
        $there = [];
        $named = array_unique(array_map(fn (ReadRow $row): string => (string) $row->said['name'], $rows));
        foreach (array_chunk($named, 500) as $names) {
            $stock = DB::table('shelf_items')->leftJoin(
                'shelf_stock',
                fn (JoinClause $join) => $join->on('shelf_items.id', '=', 'shelf_stock.shelf_item_id')->where('amount', '>', 0),
            )->whereIn('shelf_items.name', $names)->whereNull(['archived_at', 'shelf_items.laid_by', 'shelf_stock.laid_by']);
            foreach ($stock->get(['ware', 'name', 'width', 'shelf_stock.kind', 'amount', 'lot', 'kept', 'piece']) as $its) {
                $there[self::thingKey($its->ware, $its->name, $its->width)] = 1;
                if ($its->kind !== null) {
                    $key = self::shelfKey($its->ware, $its->name, $its->width, (array) $its);
                    $isCounted = $its->kind === StockKind::Heap->value || $its->kind === StockKind::Loose->value;
                    $there[$key] = ($there[$key] ?? 0) + ($isCounted ? $its->amount : 1);
                }
            }
        }

        return $there;
    }

    private static function thingKey(string $ware, string $name, int $width): string
    {
        return "$ware\0$name\0$width";
    }

    /**
     * What is told apart on the shelf: rolls by how much is left on them, loose pieces by how long they are, what is counted by where it
     * is kept.
     *
     * @param  array<string, mixed>  $stock
     */
    private static function shelfKey(string $ware, string $name, int $width, array $stock): string
    {
        $lies = match ($stock['kind']) {
            StockKind::Heap->value => ['heap', 0],
            StockKind::Loose->value => ['loose', $stock['piece']],
            default => ['roll', $stock['amount']],
        };

        return implode("\0", [self::thingKey($ware, $name, $width), ...$lies, $stock['lot'] ?? '', $stock['kept']]);
    }

    /**
     * @param  list<string>  $cells
     * @return array{row: ?ReadRow, refused: ?string}
     */
    private function read(ShelfImport $import, array $cells): array
    {
        try {
            if (count($cells) > count($import->header)) {
                throw RowRefused::cells(count($cells), count($import->header));
            }
            if (! mb_check_encoding(implode('', $cells), 'UTF-8') || str_contains(implode('', $cells), "\0")) {
                throw RowRefused::unreadable();
            }
            $said = array_map(fn (int $place): string => $cells[$place] ?? '', $import->columns);

            return [
                'row' => ReadRow::of(
                    array_filter($said, fn (string $cell): bool => $cell !== ''),
                    $this->craft,
                    $this->house->units(),
                    $this->house->currency(),
                ),
                'refused' => null,
            ];
        } catch (Refused $why) {
            return ['row' => null, 'refused' => $why->getMessage()];
        }
    }

    /** The row that names the columns. */
    private function header(ShelfImport $import): ?CsvRow
    {
        return self::first(CsvFile::ofImport($import))[$import->header_row] ?? null;
    }

    /**
     * A refused row with its cells written anew, read again. What is still not right says so.
     *
     * @param  array<int, string>  $cells  by their place in the row
     *
     * @throws RowRefused where another window was sooner
     */
    public function mend(ShelfImport $import, int $row, array $cells): ShelfImportRow
    {
        return DB::transaction(function () use ($import, $row, $cells): ShelfImportRow {
            $import->refresh();
            /** @var ?ShelfImportRow $refused */
            $refused = $import->state === 'read' ? $import->rows()->whereNotNull('refused')->find($row) : null;
            if ($refused === null) {
                throw RowRefused::mendedAlready();
            }
            $mended = array_slice(array_replace(array_pad($refused->cells, count($import->header), ''), $cells), 0, count($import->header));
            $refused->delete();
            $this->keep($import, [['line' => $refused->line, 'cells' => $mended, ...$this->read($import, $mended)]]);

            return $import->rows()->where('line', $refused->line)->latest('id')->firstOrFail();
        });
    }
}
