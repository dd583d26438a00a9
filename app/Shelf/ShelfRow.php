<?php

namespace App\Shelf;

use App\Models\ShelfItem;
use App\Models\ShelfStock;
use App\Shelf\Import\Column;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Illuminate\Support\Collection;

/** What there is of one thing as rows of a table, which can be read in again. */
final class ShelfRow
{
    /** @return list<list<string>> a row for each length of it, in the order of the columns; rolls alike are one row */
    public static function of(ShelfItem $item): array
    {
        return $item->stock->where('amount', '>', 0)
            ->groupBy(fn (ShelfStock $stock): string => implode("\0", [$stock->kind->value, $stock->kind === StockKind::Heap ? '' : $stock->amount, $stock->piece, $stock->lot, $stock->kept, $stock->known]))
            ->map(fn (Collection $alike): array => self::row($item, $alike->values()->all()))->values()->all();
    }

    /**
     * @param  non-empty-list<ShelfStock>  $alike
     * @return list<string>
     */
    private static function row(ShelfItem $item, array $alike): array
    {
        $stock = $alike[0];
        $there = match ($stock->kind) {
            StockKind::Heap => ['count' => array_sum(array_column($alike, 'amount'))],
            StockKind::Loose => ['left' => self::length($stock->piece), 'count' => $stock->amount * count($alike)],
            default => ['left' => self::length($stock->amount), 'count' => count($alike)],
        };
        $cells = ['ware' => $item->ware, ...$there, 'lot' => $stock->lot, 'kept' => $stock->kept, 'known' => $stock->known] + $item->slip()->write();

        return array_map(fn (Column $column): string => (string) ($cells[$column->value] ?? ''), Column::cases());
    }

    private static function length(int $units): string
    {
        return LengthText::canonical(Length::ofUnits($units));
    }
}
