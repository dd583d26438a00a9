<?php

namespace App\Shelf\Import;

use App\Models\ShelfImport;
use App\Models\ShelfImportRow;
use Davrin\Core\Colour\Family;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Shelf\MovementKind;
use Illuminate\Support\Facades\DB;

/** Puts the rows of a file on the shelf, all of them in one go. */
final class Laying
{
    private const AT_ONCE = 90;

    /** @var array<string, int> the id of each thing, by what is said of it */
    private array $items = [];

    /** @var array<string, list<array<string, mixed>>> rows that wait to be written, by table */
    private array $waiting = ['shelf_items' => [], 'shelf_stock' => [], 'shelf_movements' => []];

    private int $nextItem;

    private int $nextStock;

    private int $laid = 0;

    private function __construct(private readonly string $now, private readonly string $words)
    {
        $this->nextItem = 1 + (int) DB::table('shelf_items')->max('id');
        $this->nextStock = 1 + (int) DB::table('shelf_stock')->max('id');
    }

    /** @return int how many things and rolls went on the shelf */
    public static function of(ShelfImport $import): int
    {
        return DB::transaction(function () use ($import): int {
            $import->refresh();
            if ($import->state !== 'read' || $import->good() === 0) {
                throw FileRefused::nothingToLay();
            }
            $laying = new self(now()->toDateTimeString(), "from the file $import->name");
            foreach ($import->rows()->whereNull('refused')->lazyById(500)->chunk(500) as $rows) {
                /** @var list<ShelfImportRow> $some */
                $some = $rows->values()->all();
                $laying->lookFor(
                    array_map(
                        fn (ShelfImportRow $row): string => json_decode((string) $row->said, true, flags: JSON_THROW_ON_ERROR)['name'],
                        $some,
                    ),
                );
                array_map($laying->lay(...), $some);
            }
            array_map($laying->write(...), array_keys($laying->waiting));
            $import->rows()->whereNull('refused')->delete();
            $import->update(['state' => 'done']);

            return $laying->laid;
        });
    }

    /** @param  array<int, string>  $names  of things that may be on the shelf already */
    private function lookFor(array $names): void
    {
        $items = DB::table('shelf_items')->whereIn('name', array_unique($names))->whereNull('archived_at');
        foreach ($items->get(['id', 'ware', 'name', 'width']) as $item) {
            $this->items["$item->ware\0$item->name\0$item->width"] ??= (int) $item->id;
        }
    }

    private function lay(ShelfImportRow $row): void
    {
        $said = json_decode((string) $row->said, true, flags: JSON_THROW_ON_ERROR);
        $stock = json_decode((string) $row->stock, true, flags: JSON_THROW_ON_ERROR);
        $item = $this->item((string) $row->ware, $said);
        for ($time = 0; $time < $stock['times']; $time++) {
            $id = $this->nextStock++;
            $this->wait('shelf_stock', [
                'id' => $id,
                'shelf_item_id' => $item,
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
