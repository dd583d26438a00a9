<?php

namespace App\Shelf;

use App\Exceptions\NotReady;
use App\Models\ShelfStock;
use Davrin\Core\Material\Good;
use Davrin\Core\Material\Material;
use Davrin\Core\Material\Wound;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Shelf\StockKind;

/** What a plan takes one thing on the shelf to be: of which material, and how much of it. */
final readonly class Claim
{
    /** @param  int  $length  of one piece or roll, in units of length; 0 of what is counted */
    private function __construct(private Material $material, private int $pieces, private int $length) {}

    /** @return array<int, self> by the id of the stock */
    private static function ofPlan(Plan $plan): array
    {
        $claims = [];
        foreach ($plan->materials->all as $material) {
            $there = $material instanceof Wound || $material instanceof Good ? $material->onHand() : [];
            foreach ($there as $one) {
                if ($one->item !== null) {
                    $length = $material instanceof Wound ? max($one->length->units, $claims[$one->item]->length ?? 0) : 0;
                    $claims[$one->item] = new self($material, $one->count + ($claims[$one->item]->pieces ?? 0), $length);
                }
            }
        }

        return $claims;
    }

    /**
     * Figures that rest on more than there is, or on another thing, are no figures.
     *
     * @throws NotReady
     */
    public static function mustAddUp(Plan $plan): void
    {
        $claims = self::ofPlan($plan);
        foreach (ShelfStock::query()->with('item')->whereKey(array_keys($claims))->where('amount', '>', 0)->get() as $stock) {
            $claim = $claims[$stock->id];
            $width = $claim->material instanceof Wound ? $claim->material->width()->units : 0;
            if ($stock->item->ware !== $claim->material->kind->key() || $stock->item->width !== $width) {
                throw NotReady::anotherThing($claim->material->name(), $stock->item->name);
            }
            if ($claim->isMoreThan($stock, $stock->amount)) {
                throw NotReady::doesNotAddUp($claim->material->name(), $stock->shown($stock->amount));
            }
        }
    }

    /** @param  int  $amount  of it: units of length of a roll, else pieces */
    private function isMoreThan(ShelfStock $stock, int $amount): bool
    {
        return match ($stock->kind) {
            StockKind::Heap => $this->pieces > $amount,
            StockKind::Loose => $this->pieces > $amount || $this->length > $stock->piece,
            default => $this->pieces > 1 || $this->length > $amount,
        };
    }
}
