<?php

namespace App\Shelf;

use App\Models\SavedPlan;
use App\Models\ShelfItem;
use Davrin\Core\Cost\GoodsUse;
use Davrin\Core\Material\Material;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\WoundResult;

/** A material that a plan buys though it lies on the shelf: the same ribbon is bought twice where nobody wrote down the first. */
final readonly class OnTheShelfToo
{
    private function __construct(public Material $material, public ShelfItem $item, public string $there, public string $buys) {}

    /** @return list<self> */
    public static function of(SavedPlan $saved, Result $result): array
    {
        $bought = [
            ...array_map(fn (WoundResult $its): array => [$its->wound, $its->plan->toBuy($its->wound->name())], $result->wound),
            ...array_map(fn (GoodsUse $use): array => [$use->good, $use->packs === 0 ? null : $use->bought->shown], $result->goods),
        ];
        $found = [];
        foreach ($bought as [$material, $buys]) {
            $item = $buys === null ? null : MaterialFromShelf::item($material);
            $free = $item === null ? [] : MaterialFromShelf::onHand($item, $saved)['onHand'];
            $more = array_values(array_diff($free, (array) $material->slip->write()['onHand']));
            if ($item !== null && $more !== []) {
                $found[] = new self($material, $item, MaterialFromShelf::words($more), $buys);
            }
        }

        return $found;
    }
}
