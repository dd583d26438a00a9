<?php

namespace App\Shelf;

use App\Devices\Scale;
use App\Drawing\ShelfThings;
use App\Editor\Problem;
use App\Models\ShelfItem;
use App\Models\ShelfMovement;
use App\Models\ShelfStock;
use App\Settings\House;
use Davrin\Core\Recipe\Recipe;
use Davrin\Core\Refused;
use Illuminate\Contracts\Support\Responsable;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** One thing on the shelf as a page: what is said of it, what there is of it, what happened to it. */
final readonly class ItemPage implements Responsable
{
    private const HISTORY = 40;

    /** @param  bool  $scale  whether the scale is asked for what lies on it */
    public function __construct(private ShelfItem $item, private ?Problem $problem = null, private bool $scale = false) {}

    /** @param  Request  $request */
    public function toResponse($request): Response
    {
        $this->item->load('stock.reservations.plan', 'stock.movements');
        $this->item->stock->each->setRelation('item', $this->item);
        [$weight, $silent] = [null, null];
        try {
            $weight = $this->scale ? app(Scale::class)->read()->shown() : null;
        } catch (Refused $refused) {
            $silent = $refused->getMessage();
        }

        return response()->view('shelf.show', [
            'item' => $this->item,
            'sentence' => Recipe::line('item', $this->item->ware()->sentence(), $this->item->slip(), app(House::class)->units()),
            'things' => new ShelfThings($this->item),
            'stock' => $this->item->stock->where('amount', '>', 0)->sortByDesc('amount')->values(),
            'history' => $this->item->stock->flatMap(fn (ShelfStock $stock) => $stock->movements->map(fn (ShelfMovement $movement): ShelfMovement => $movement->setRelation('stock', $stock)))
                ->sortByDesc('id')->take(self::HISTORY)->values(),
            'problem' => $this->problem,
            'weight' => $weight,
            'silent' => $silent,
        ], $this->problem->status ?? 200);
    }
}
