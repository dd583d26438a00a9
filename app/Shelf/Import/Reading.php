<?php

namespace App\Shelf\Import;

use App\Models\ShelfImport;
use App\Models\ShelfImportRow;
use App\Settings\House;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Words\Refused;
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

    public function __construct(private Craft $craft, private House $house) {}

    /** @throws FileRefused */
    public function open(UploadedFile $upload): ShelfImport
    {
        $this->forgetOld();
        $csv = CsvFile::of($upload->getPathname());
        foreach ($csv->rows() as $at => $header) {
            if (
                count($header) > self::MOST_CELLS
                || ! mb_check_encoding(implode('', $header), 'UTF-8')
                || str_contains(implode('', $header), "\0")
            ) {
                throw FileRefused::noTable();
            }

            return DB::transaction(function () use ($upload, $csv, $header, $at): ShelfImport {
                $import = ShelfImport::query()->create([
                    'name' => mb_substr(mb_scrub($upload->getClientOriginalName()), 0, 80),
                    'file' => Str::uuid().'.csv',
                    'separator' => $csv->separator,
                    'is_utf8' => $csv->isUtf8,
                    'header' => $header,
                    'columns' => Column::guess($header),
                    'state' => 'matching',
                    'size' => (int) $upload->getSize(),
                    'at' => $at,
                    'line' => 1,
                ]);
                File::ensureDirectoryExists(dirname($import->path()));
                $upload->move(dirname($import->path()), basename($import->path()));

                return $import;
            });
        }

        throw FileRefused::empty();
    }

    /** Files that nobody came back to. */
    private function forgetOld(): void
    {
        foreach (ShelfImport::query()->where('updated_at', '<', now()->subDays(self::KEPT_DAYS))->get() as $import) {
            @unlink($import->path());
            $import->delete();
        }
    }

    /**
     * What the first rows come to with these columns.
     *
     * @return list<array{line: int, cells: list<string>, row: ?ReadRow, refused: ?string}>
     */
    public function preview(ShelfImport $import, int $count): array
    {
        [$seen, $line] = [[], 1];
        foreach (CsvFile::ofImport($import)->rows($this->firstRow($import)) as $cells) {
            $line++;
            $seen[] = ['line' => $line, 'cells' => $cells, ...$this->read($import, $cells)];
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
     *
     * @throws FileRefused
     */
    public function match(ShelfImport $import, array $columns, bool $read): void
    {
        DB::transaction(function () use ($import, $columns, $read): void {
            $import->refresh();
            if ($import->state !== 'matching') {
                return;
            }
            $import->update(['columns' => $columns]);
            if ($read && isset($columns['name'])) {
                $import->rows()->delete();
                $import->update(['state' => 'reading', 'at' => $this->firstRow($import), 'line' => 1]);
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
            if ($import->state !== 'done') {
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
            foreach (CsvFile::ofImport($import)->rows($import->at) as $behind => $cells) {
                $at = $behind;
                $rows[] = ['line' => ++$line, 'cells' => $cells, ...$this->read($import, $cells)];
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
                isset(
                    $onShelf[self::shelfKey($read->ware->key(), $read->said['name'], $read->stock)],
                ) => RowRefused::onShelf()->getMessage(),
                default => null,
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
     * What is on the shelf already of what these rows name.
     *
     * @param  list<ReadRow>  $rows
     * @return array<string, true>
     */
    private function onShelf(array $rows): array
    {
        $there = [];
        $named = array_unique(array_map(fn (ReadRow $row): string => (string) $row->said['name'], $rows));
        foreach (array_chunk($named, 500) as $names) {
            $stock = DB::table('shelf_stock')
                ->join('shelf_items', 'shelf_items.id', '=', 'shelf_stock.shelf_item_id')
                ->whereIn('shelf_items.name', $names)->where('amount', '>', 0)
                ->get(
                    [
                        'shelf_items.ware',
                        'shelf_items.name',
                        'shelf_stock.kind',
                        'shelf_stock.amount',
                        'shelf_stock.lot',
                        'shelf_stock.kept',
                        'shelf_stock.piece',
                    ],
                );
            foreach ($stock as $its) {
                $there[self::shelfKey($its->ware, $its->name, ['piece' => $its->kind === 'loose' ? $its->piece : 0] + (array) $its)] = true;
            }
        }

        return $there;
    }

    /** @param  array<string, mixed>  $stock */
    private static function shelfKey(string $ware, string $name, array $stock): string
    {
        return implode(
            "\0",
            [$ware, $name, $stock['amount'], $stock['kind'] === 'loose' ? $stock['piece'] : 0, $stock['lot'] ?? '', $stock['kept']],
        );
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
                'row' => ReadRow::of(array_filter($said, fn (string $cell): bool => $cell !== ''), $this->craft, $this->house->units()),
                'refused' => null,
            ];
        } catch (Refused $why) {
            return ['row' => null, 'refused' => $why->getMessage()];
        }
    }

    /** Where the first row begins, behind the header. */
    private function firstRow(ShelfImport $import): int
    {
        foreach (CsvFile::ofImport($import)->rows() as $behind => $header) {
            return $behind;
        }

        return 0;
    }
}
