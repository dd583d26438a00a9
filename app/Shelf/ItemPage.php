<?php

namespace App\Shelf;

use App\Blanks\Problem;
use App\Devices\Scale;
use App\Models\Build;
use App\Models\CutBatch;
use App\Models\SavedPlan;
use App\Models\ShelfItem;
use App\Models\ShelfMovement;
use App\Models\ShelfStock;
use App\Settings\House;
use Davrin\Core\Recipe\Recipe;
use Davrin\Core\Words\Refused;
use Illuminate\Contracts\Support\Responsable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** One thing on the shelf as a page: what is said of it, what there is of it, what happened to it. */
final readonly class ItemPage implements Responsable
{
    private const HISTORY = 40;

    private const ROLLS_A_PAGE = 40;

    /** @param  bool  $scale  whether the scale is asked for what lies on it */
    public function __construct(private ShelfItem $item, private ?Problem $problem = null, private bool $scale = false) {}

    /** @param  Request  $request */
    public function toResponse($request): Response
    {
        $this->item->load('stock');
        $stock = $this->item->stock()->where('amount', '>', 0)->with('reservations.plan', 'reservations.build.plan')
            ->orderByDesc('amount')->orderBy('id')->paginate(
                self::ROLLS_A_PAGE,
                pageName: 'rolls',
            );
        $stock->each(fn (ShelfStock $one): ShelfStock => $one->setRelation('item', $this->item));
        /** @var Collection<int, ShelfMovement> $history */
        $history = ShelfMovement::query()->with('stock')->whereIn(
            'shelf_stock_id',
            $this->item->stock()->select('id'),
        )->latest('id')->limit(self::HISTORY)->get();
        $history->each(fn (ShelfMovement $movement): ShelfStock => $movement->stock->setRelation('item', $this->item));
        [$weight, $silent] = [null, null];
        try {
            $weight = $this->scale ? app(Scale::class)->read()->shown() : null;
        } catch (Refused $refused) {
            $silent = $refused->getMessage();
        }

        return response()->view('shelf.show', [
            'item' => $this->item,
            'sentence' => Recipe::line('item', $this->item->ware()->shelfSentence(), $this->item->slip(), app(House::class)->units()),
            'things' => new ShelfThings($this->item),
            'stock' => $stock,
            'history' => $history,
            'goesTogether' => self::goesTogether($history),
            'problem' => $this->problem,
            'weight' => $weight,
            'silent' => $silent,
        ], $this->problem->status ?? 200);
    }

    /**
     * @param  Collection<int, ShelfMovement>  $history
     * @return list<int> the movements that are undone with all others of their cut sheet or build, by id
     */
    private static function goesTogether(Collection $history): array
    {
        $jobs = array_map(Build::jobOf(...), $history->whereNotNull('job')->pluck('job', 'id')->all());
        $cut = [
            ...SavedPlan::withTrashed()->whereIn('cut_job', array_unique($jobs))->pluck('cut_job')->all(),
            ...CutBatch::withTrashed()->whereIn('cut_job', array_unique($jobs))->pluck('cut_job')->all(),
        ];

        return array_keys(array_intersect($jobs, $cut));
    }
}
