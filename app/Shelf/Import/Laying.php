<?php

namespace App\Shelf\Import;

use App\Models\ShelfImport;
use App\Models\ShelfImportRow;
use Davrin\Core\Colour\Family;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Shelf\MovementKind;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Throwable;

/**
 * Puts the rows of a file on the shelf, all of them or none. Many rows take long, so they are written some at a time, and others write in
 * between; what is written bears a mark that keeps it out of sight, and all marks go at once when all rows are there.
 */
final class Laying
{
    /** The state of an import while it is laid. */
    public const STATE = 'laying';

    private const AT_ONCE = 90;

    /** So many rows are written in one transaction: about a tenth of a second. */
    private const ROWS = 250;

    /** So long others have to begin writing, in microseconds. */
    private const PAUSE = 40_000;

    /** Nobody goes on with what was last written so many seconds ago. */
    private const STALE = 60;

    /** @var array<string, int> the id of each thing, by what is said of it */
    private array $items = [];

    /** @var array<string, list<array<string, mixed>>> rows that wait to be written, by table */
    private array $waiting = ['shelf_items' => [], 'shelf_stock' => [], 'shelf_movements' => []];

    private int $nextItem = 0;

    private int $nextStock = 0;

    private int $laid = 0;

    /** @var ?list<string> */
    private ?array $exact = null;

    /** @var array<int, int> the thing that each row with an exact price became, by id */
    private array $priced = [];

    private function __construct(
        private readonly ShelfImport $import,
        private readonly string $token,
        private readonly string $now,
        private readonly string $words,
    ) {}

    /** @return int how many things and rolls went on the shelf */
    public static function of(ShelfImport $import): int
    {
        $token = self::begin($import);
        $laying = new self($import, $token, now()->toDateTimeString(), "from the file $import->name");
        try {
            for ($last = 0; $last !== null;) {
                $last = DB::transaction(fn (): ?int => $laying->some($last));
                usleep(self::PAUSE);
            }
            $laying->show();
        } catch (Throwable $why) {
            // Where another goes on with it, what is written is the other's.
            if (ShelfImport::query()->whereKey($import->id)->where('laying', $token)->exists()) {
                self::takeBack($import);
                $import->update(['state' => 'read', 'laying' => null]);
            }

            throw $why;
        }

        return $laying->laid;
    }

    /**
     * One lays it at a time; where one was ended in the middle, what it wrote is taken back first.
     *
     * @return string the token of this laying
     */
    private static function begin(ShelfImport $import): string
    {
        $token = (string) Str::uuid();
        DB::transaction(function () use ($import, $token): void {
            $import->refresh();
            if ($import->state === self::STATE && $import->updated_at->isAfter(now()->subSeconds(self::STALE))) {
                throw FileRefused::isBeingLaid();
            }
            if (! in_array($import->state, ['read', self::STATE], true) || $import->good() === 0) {
                throw FileRefused::nothingToLay();
            }
            $import->forceFill(['state' => self::STATE, 'laying' => $token, 'updated_at' => now()])->save();
        });
        self::takeBack($import);

        return $token;
    }

    /**
     * Writes some rows, in a transaction of their own.
     *
     * @param  int  $after  the row behind which they begin, by id
     * @return ?int the last of them; null where there are no more
     */
    private function some(int $after): ?int
    {
        if ($this->import->refresh()->laying !== $this->token) {
            throw FileRefused::isBeingLaid();
        }
        /** @var list<ShelfImportRow> $rows */
        $rows = $this->import->rows()->whereNull('refused')->where('id', '>', $after)->orderBy('id')->limit(self::ROWS)->get()->all();
        if ($rows === []) {
            return null;
        }
        $this->nextItem = 1 + (int) DB::table('shelf_items')->max('id');
        $this->nextStock = 1 + (int) DB::table('shelf_stock')->max('id');
        $this->lookFor(array_map(
            fn (ShelfImportRow $row): string => json_decode((string) $row->said, true, flags: JSON_THROW_ON_ERROR)['name'],
            $rows,
        ));
        array_map($this->lay(...), $rows);
        array_map($this->write(...), array_keys($this->waiting));
        $this->import->touch();

        return (int) end($rows)->getKey();
    }

    /** All of it is on the shelf at once. */
    private function show(): void
    {
        $import = $this->import;
        DB::transaction(function () use ($import): void {
            if ($import->refresh()->laying !== $this->token) {
                throw FileRefused::isBeingLaid();
            }
            foreach (['shelf_items', 'shelf_stock'] as $table) {
                DB::table($table)->where('laid_by', $import->id)->update(['laid_by' => null]);
            }
            foreach ($this->priced as $row => $item) {
                DB::table('exact_figures')->where('place', "shelf_import_rows.$row")->update(['place' => "shelf_items.$item"]);
            }
            $import->rows()->whereNull('refused')->delete();
            $import->update(['state' => 'done', 'laying' => null]);
        });
    }

    /** What was written and is not to be seen yet is gone, some at a time. */
    public static function takeBack(ShelfImport $import): void
    {
        foreach (['shelf_stock', 'shelf_items'] as $table) {
            do {
                $ids = DB::table($table)->where('laid_by', $import->id)->limit(self::ROWS)->pluck('id')->all();
                $ids === [] || DB::table($table)->whereIn('id', $ids)->delete();
            } while ($ids !== []);
        }
    }

    /** @param  array<int, string>  $names  of things that may be on the shelf already */
    private function lookFor(array $names): void
    {
        $items = DB::table('shelf_items')->whereIn('name', array_unique($names))->whereNull(['archived_at', 'laid_by']);
        foreach ($items->get(['id', 'ware', 'name', 'width']) as $item) {
            $this->items["$item->ware\0$item->name\0$item->width"] ??= (int) $item->id;
        }
    }

    private function lay(ShelfImportRow $row): void
    {
        $said = json_decode((string) $row->said, true, flags: JSON_THROW_ON_ERROR);
        $stock = json_decode((string) $row->stock, true, flags: JSON_THROW_ON_ERROR);
        $isNew = $this->nextItem;
        $item = $this->item((string) $row->ware, $said);
        if ($item === $isNew && in_array("shelf_import_rows.$row->id", $this->exact(), true)) {
            $this->priced[$row->id] = $item;
        }
        for ($time = 0; $time < $stock['times']; $time++) {
            $id = $this->nextStock++;
            $this->wait('shelf_stock', [
                'id' => $id,
                'shelf_item_id' => $item,
                'laid_by' => $this->import->id,
                'created_at' => $this->now,
                'updated_at' => $this->now,
                ...array_diff_key($stock, ['times' => 1]),
            ]);
            $this->wait('shelf_movements', [
                'shelf_stock_id' => $id,
                'kind' => MovementKind::Came->value,
                'amount' => $stock['amount'],
                'words' => $this->words,
                'created_at' => $this->now,
            ]);
            $this->laid++;
        }
    }

    /** @return list<string> rows whose prices a change of currency has rounded */
    private function exact(): array
    {
        return $this->exact ??= DB::table('exact_figures')->where('place', 'like', 'shelf_import_rows.%')->pluck('place')->all();
    }

    /**
     * A thing that is on the shelf already, of the same kind, name and width, is that thing.
     *
     * @param  array<string, mixed>  $said
     */
    private function item(string $ware, array $said): int
    {
        $width = isset($said['width']) ? LengthText::read($said['width'], null)->units : 0;
        $key = "$ware\0{$said['name']}\0$width";
        if (! isset($this->items[$key])) {
            $this->items[$key] = $this->nextItem++;
            $this->wait('shelf_items', [
                'id' => $this->items[$key],
                'ware' => $ware,
                'name' => $said['name'],
                'said' => json_encode($said, JSON_THROW_ON_ERROR),
                'family' => Family::of($said['colour'])->value,
                'width' => $width,
                'laid_by' => $this->import->id,
                'created_at' => $this->now,
                'updated_at' => $this->now,
            ]);
        }

        return $this->items[$key];
    }

    /** @param  array<string, mixed>  $row */
    private function wait(string $table, array $row): void
    {
        $this->waiting[$table][] = $row;
        if (count($this->waiting[$table]) === self::AT_ONCE) {
            // What others point to is written before them.
            array_map(
                $this->write(...),
                array_slice(array_keys($this->waiting), 0, 1 + (int) array_search($table, array_keys($this->waiting), true)),
            );
        }
    }

    private function write(string $table): void
    {
        if ($this->waiting[$table] !== []) {
            DB::table($table)->insert($this->waiting[$table]);
            $this->waiting[$table] = [];
        }
    }
}
