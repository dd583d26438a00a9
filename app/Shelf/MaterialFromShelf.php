<?php

namespace App\Shelf;

use App\Models\SavedPlan;
use App\Models\ShelfItem;
use App\Models\ShelfStock;
use Davrin\Core\Edit\TakeFromShelf;
use Davrin\Core\Material\OnHand;
use Davrin\Core\Material\OnHandBlank;
use Davrin\Core\Material\Wound;
use Davrin\Core\Shelf\StockKind;

/** What the shelf says of the meshes of a plan: as they lie there, less what other plans hold. */
final readonly class MaterialFromShelf
{
    /** A plan names no more rolls and pieces of a mesh than this; begun ones before full ones. */
    private const MOST = 60;

    private const SAID = ['name', 'colour', 'hatch', 'width', 'body', 'roll', 'allowance', 'price'];

    /**
     * As a plan file holds it.
     *
     * @return array<string, mixed>
     */
    public static function written(ShelfItem $item, SavedPlan $for): array
    {
        return [...self::said($item), 'label' => 'label', ...self::onHand($item, $for)];
    }

    /** @return array<string, mixed> what a plan says of a mesh, as the shelf says it */
    public static function said(ShelfItem $item): array
    {
        return array_intersect_key($item->slip()->write(), array_flip(self::SAID));
    }

    /**
     * @param  ?list<?string>  $lots  to keep to, null among them for what bears none; null where all of it is meant
     * @return array{onHand: list<string>}
     */
    public static function onHand(ShelfItem $item, SavedPlan $for, ?array $lots = null): array
    {
        $there = $item->stock()->where('amount', '>', 0)->with('reservations')->get()
            ->filter(fn (ShelfStock $stock): bool => $lots === null || in_array($stock->lot, $lots, true))->each(fn (ShelfStock $stock) => $stock->setRelation('item', $item))
            ->sortBy(fn (ShelfStock $stock): array => [$stock->kind === StockKind::Full, $stock->amount, $stock->id])
            ->map(fn (ShelfStock $stock): ?OnHand => $stock->onHand($for))->filter()->take(self::MOST)->values()->all();

        return ['onHand' => (new OnHandBlank('onHand', ''))->write($there)];
    }

    /**
     * The thing on the shelf that a mesh was taken from: by its rolls, else by what it is called and how wide it is.
     */
    public static function item(Wound $mesh): ?ShelfItem
    {
        $ids = array_filter(array_map(fn (OnHand $there): ?int => $there->item, $mesh->onHand()));
        $stock = $ids === [] ? null : ShelfStock::query()->with('item')->find(reset($ids));

        return $stock instanceof ShelfStock
            ? $stock->item
            : ShelfItem::query()->where(['ware' => 'mesh', 'name' => $mesh->name(), 'width' => $mesh->width()->units])->whereNull('archived_at')->first();
    }

    /**
     * How what a plan takes to be on hand differs from what is free there now.
     *
     * @return array<string, string> what is free now, in words, by the id of the mesh
     */
    public static function changed(SavedPlan $saved): array
    {
        return array_map(self::words(...), self::free($saved));
    }

    /** All meshes that were taken from the shelf, as they are free there now; null where nothing has changed. */
    public static function anew(SavedPlan $saved): ?TakeFromShelf
    {
        $written = array_map(fn (array $onHand): array => ['onHand' => $onHand], self::free($saved));

        return $written === [] ? null : new TakeFromShelf($written);
    }

    /**
     * What is free of each mesh that was taken from the shelf, where that is not what the plan takes to be on hand. Two meshes that
     * are lots of the same thing keep each to its own.
     *
     * @return array<string, list<string>> as a plan file holds it, by the id of the mesh
     */
    private static function free(SavedPlan $saved): array
    {
        [$items, $free] = [[], []];
        foreach ($saved->plan()->meshes as $mesh) {
            $isLinked = array_filter($mesh->onHand(), fn (OnHand $there): bool => $there->item !== null) !== [];
            $items[$mesh->id] = $isLinked ? self::item($mesh) : null;
        }
        $shared = array_count_values(array_map(fn (ShelfItem $item): int => $item->id, array_filter($items)));
        foreach ($saved->plan()->meshes as $mesh) {
            $item = $items[$mesh->id];
            if ($item !== null) {
                $lots = $shared[$item->id] > 1 ? array_values(array_unique(array_map(fn (OnHand $there): ?string => $there->lot, $mesh->onHand()))) : null;
                $now = self::onHand($item, $saved, $lots)['onHand'];
                $free += $now === $mesh->slip->write()['onHand'] ? [] : [$mesh->id => $now];
            }
        }

        return $free;
    }

    /** @param  list<string>  $written */
    public static function words(array $written): string
    {
        return $written === [] ? 'nothing' : implode(', ', array_map(fn (string $one): string => (string) preg_replace('/ \(shelf \d+\)$/', '', $one), $written));
    }
}
