<?php

namespace App\Shelf;

use App\Models\Build;
use App\Models\SavedPlan;
use App\Models\ShelfItem;
use App\Models\ShelfStock;
use App\Settings\House;
use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\PriceBlank;
use Davrin\Core\Edit\TakeFromShelf;
use Davrin\Core\Material\Good;
use Davrin\Core\Material\Material;
use Davrin\Core\Material\OnHand;
use Davrin\Core\Material\OnHandBlank;
use Davrin\Core\Material\PiecesOnHand;
use Davrin\Core\Material\PiecesOnHandBlank;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\AreaWeight;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Shelf\StockKind;
use Illuminate\Support\Collection;

/** What the shelf says of the meshes of a plan: as they lie there, less what other plans hold. */
final readonly class MaterialFromShelf
{
    /** A plan names no more rolls and pieces of a mesh than this; begun ones before full ones. */
    private const MOST = 60;

    /** Of so many it is looked up what is free. */
    private const LOOKED_AT = 1_000;

    /**
     * As a plan file holds it.
     *
     * @return array<string, mixed>
     */
    public static function written(ShelfItem $item, SavedPlan $for): array
    {
        return [
            ...self::said($item, $for->plan()->settings->currency()),
            ...($item->ware()->isWound() ? ['label' => 'label'] : []),
            ...self::onHand($item, $for),
        ];
    }

    /** @return array<string, mixed> what a plan that counts in a currency says of a material, as the shelf says it */
    public static function said(ShelfItem $item, Currency $currency): array
    {
        $asked = array_map(fn (Blank $blank): string => $blank->key(), $item->ware()->planBlanks($currency));
        $said = [...array_intersect_key($item->slip()->write(), array_flip($asked)), ...self::weighs($item)];

        return match (true) {
            // Prices that are counted in something else leave those of the plan as they are, and so does one that nobody knows.
            $currency !== app(House::class)->currency() => array_diff_key($said, ['price' => 1, 'paid' => 1]),
            $said['price'] === PriceBlank::NONE => array_diff_key($said, ['price' => 1]),
            default => $said,
        };
    }

    /** @return array{weighs?: string} what a square foot of it weighs, where a new roll and its core were weighed */
    private static function weighs(ShelfItem $item): array
    {
        $slip = $item->slip();
        [$new, $core] = $slip->has('newWeight') ? [$slip->weightIfAny('newWeight'), $slip->weightIfAny('coreWeight')] : [null, null];
        $mesh = $new === null || $core === null ? 0 : $new->hundredths - $core->hundredths;

        return $mesh <= 0 ? [] : ['weighs' => AreaWeight::ofRoll($mesh, $slip->length('roll'), $slip->length('width'))->shown()];
    }

    /**
     * @param  SavedPlan|Build|null  $for  what it holds itself is free to it; null where nobody asks for any
     * @param  ?list<?string>  $lots  to keep to, null among them for what bears none; null where all of it is meant
     * @return array{onHand: list<string>}
     */
    public static function onHand(ShelfItem $item, SavedPlan|Build|null $for, ?array $lots = null): array
    {
        return ['onHand' => $item->ware()->isWound()
            ? (new OnHandBlank('onHand', ''))->write(self::lengths($item, $for, $lots))
            : (new PiecesOnHandBlank('onHand', ''))->write(
                self::stock($item, $lots)->map(fn (ShelfStock $stock): ?PiecesOnHand => $stock->piecesOnHand($for))
                    ->filter()->take(self::MOST)->values()->all(),
            )];
    }

    /**
     * What is free of something that is cut: of more than a plan names the first, as they are used.
     *
     * @param  ?list<?string>  $lots  as above
     * @param  list<int>  $but  what is not asked about, by the id of the stock
     * @return list<OnHand>
     */
    public static function lengths(ShelfItem $item, SavedPlan|Build|null $for, ?array $lots = null, array $but = []): array
    {
        return self::stock($item, $lots)->reject(fn (ShelfStock $stock): bool => in_array($stock->id, $but, true))
            ->map(fn (ShelfStock $stock): ?OnHand => $stock->onHand($for))->filter()->take(self::MOST)->values()->all();
    }

    /**
     * @param  ?list<?string>  $lots
     * @return Collection<int, ShelfStock> in the order in which it is used: begun rolls before full ones, short ones first
     */
    private static function stock(ShelfItem $item, ?array $lots): Collection
    {
        /** @var list<ShelfStock> $there */
        $there = $item->stock()->where('amount', '>', 0)->with('reservations')->orderBy('id')->limit(self::LOOKED_AT)->get()->all();

        return collect($there)->filter(fn (ShelfStock $stock): bool => $lots === null || in_array($stock->lot, $lots, true))
            ->each(fn (ShelfStock $stock) => $stock->setRelation('item', $item))
            ->sortBy(fn (ShelfStock $stock): array => [$stock->kind === StockKind::Full, $stock->amount, $stock->id]);
    }

    /**
     * The thing on the shelf that a material was taken from: by what is on hand of it, else by what it is called and how wide it is.
     */
    public static function item(Material $material): ?ShelfItem
    {
        $ids = self::linked($material);
        $stock = $ids === [] ? null : ShelfStock::query()->with('item')->find(reset($ids));

        return $stock instanceof ShelfStock
            ? $stock->item
            : ShelfItem::query()->where(
                [
                    'ware' => $material->kind->key(),
                    'name' => $material->slip->text('name'),
                    'width' => $material instanceof Wound ? $material->width()->units : 0,
                ],
            )->whereNull('archived_at')->first();
    }

    /** Whether any of its materials was taken from the shelf. */
    public static function isTakenBy(Plan $plan): bool
    {
        return array_filter($plan->materials->all, fn (Material $material): bool => self::linked($material) !== []) !== [];
    }

    /** @return list<int> what of the shelf is on hand of it, by the id of the stock */
    private static function linked(Material $material): array
    {
        $onHand = $material instanceof Wound || $material instanceof Good ? $material->onHand() : [];

        return array_values(
            array_filter(
                array_map(fn (OnHand|PiecesOnHand $there): ?int => $there->item, $onHand),
                fn (?int $item): bool => $item !== null,
            ),
        );
    }

    /**
     * How what a plan takes to be on hand differs from what is free there now.
     *
     * @return array<string, string> what is free now, in words, by the id of the mesh
     */
    public static function changed(SavedPlan $saved): array
    {
        return array_map(self::words(...), self::free($saved->plan(), $saved));
    }

    /**
     * All materials that were taken from the shelf, as they are free there now; null where nothing has changed.
     *
     * @param  SavedPlan|Build|null  $for  what it holds itself is free to it
     */
    public static function anew(Plan $plan, SavedPlan|Build|null $for): ?TakeFromShelf
    {
        $written = array_map(fn (array $onHand): array => ['onHand' => $onHand], self::free($plan, $for));

        return $written === [] ? null : new TakeFromShelf($written);
    }

    /** All materials that were taken from the shelf with nothing on hand; null where there are none. */
    public static function nothing(Plan $plan): ?TakeFromShelf
    {
        $taken = array_filter($plan->materials->all, fn (Material $material): bool => self::linked($material) !== []);
        $written = array_map(fn (Material $material): array => ['onHand' => []], $taken);

        return $written === [] ? null : new TakeFromShelf($written);
    }

    /**
     * What is free of each material that was taken from the shelf, where that is not what the plan takes to be on hand. Two meshes that
     * are lots of the same thing keep each to its own.
     *
     * @return array<string, list<string>> as a plan file holds it, by the id of the mesh
     */
    private static function free(Plan $plan, SavedPlan|Build|null $for): array
    {
        [$items, $free] = [[], []];
        foreach ($plan->materials->all as $material) {
            $items[$material->id] = self::linked($material) === [] ? null : self::item($material);
        }
        $shared = array_count_values(array_map(fn (ShelfItem $item): int => $item->id, array_filter($items)));
        foreach ($plan->materials->all as $material) {
            $item = $items[$material->id];
            if ($item !== null) {
                $lots = $shared[$item->id] > 1 && $material instanceof Wound
                    ? array_values(array_unique(array_map(fn (OnHand $there): ?string => $there->lot, $material->onHand())))
                    : null;
                $now = self::onHand($item, $for, $lots)['onHand'];
                $free += $now === $material->slip->write()['onHand'] ? [] : [$material->id => $now];
            }
        }

        return $free;
    }

    /** @param  list<string>  $written */
    public static function words(array $written): string
    {
        return $written === []
            ? 'nothing'
            : implode(', ', array_map(fn (string $one): string => (string) preg_replace('/ \(shelf \d+\)$/', '', $one), $written));
    }
}
