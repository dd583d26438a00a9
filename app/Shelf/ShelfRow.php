<?php

namespace App\Shelf;

use App\Models\ShelfItem;
use App\Models\ShelfStock;
use App\Shelf\Import\Column;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Shelf\StockKind;
use Illuminate\Support\Collection;

/** What there is of one thing as rows of a table, which can be read in again. */
final class ShelfRow
{
    /** @return non-empty-list<list<string>> a row for each length of it, in the order of the columns; rolls alike are one row */
    public static function of(ShelfItem $item): array
    {
        $there = $item->stock->where('amount', '>', 0)
            ->groupBy(
                fn (ShelfStock $stock): string => implode(
                    "\0",
                    [
                        $stock->kind->word(),
                        $stock->kind->isRoll() ? $stock->amount : '',
                        $stock->piece * (int) ! $stock->kind->isRoll(),
                        $stock->lot,
                        $stock->kept,
                    ],
                ),
            )
            ->map(fn (Collection $alike): array => self::there($alike->values()->all()))->values()->all();

        // What is used up is known all the same: how wide it is, what it cost, when it is low.
        return array_map(fn (array $its): array => self::row($item, $its), $there === [] ? [['count' => 0]] : $there);
    }

    /**
     * @param  non-empty-list<ShelfStock>  $alike
     * @return array<string, mixed> what there is, by column
     */
    private static function there(array $alike): array
    {
        $stock = $alike[0];

        return [
            'as' => $stock->kind->word(),
            'lot' => $stock->lot,
            'kept' => $stock->kept,
            'known' => $stock->known,
            ...match ($stock->kind) {
                StockKind::Heap => ['count' => array_sum(array_column($alike, 'amount'))],
                StockKind::Loose => ['left' => self::length($stock->piece), 'count' => array_sum(array_column($alike, 'amount'))],
                default => ['left' => self::length($stock->amount), 'count' => count($alike)],
            },
        ];
    }

    /**
     * @param  array<string, mixed>  $there
     * @return list<string>
     */
    private static function row(ShelfItem $item, array $there): array
    {
        $cells = ['ware' => $item->ware, ...$there] + $item->slip()->write();

        return array_map(fn (Column $column): string => (string) ($cells[$column->value] ?? ''), Column::cases());
    }

    private static function length(int $units): string
    {
        return LengthText::canonical(Length::ofUnits($units));
    }
}
