<?php

namespace App\Http\Controllers;

use App\Blanks\Problem;
use App\Http\Requests\LookRequest;
use App\Models\ShelfItem;
use App\Models\ShelfStock;
use App\Settings\House;
use App\Shelf\ItemPage;
use App\Shelf\ShelfThings;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Edit\BlankRefused;
use Davrin\Core\Material\Kind\Mesh;
use Davrin\Core\Material\OnHandBlank;
use Davrin\Core\Supply\Lot;
use Davrin\Core\Words\Refused;
use Illuminate\Contracts\View\View as Page;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** The shelf: what there is, and what is said of it. */
final class ShelfController
{
    private const A_PAGE = 60;

    public function index(LookRequest $look, Craft $craft, House $house): Page
    {
        $items = $look->items()->with('stock')->paginate(self::A_PAGE)->withQueryString();

        return view('shelf.index', [
            'things' => $items->through(fn (ShelfItem $item): ShelfThings => new ShelfThings($item)),
            'look' => $look,
            'wares' => $craft->materials,
            'widths' => ShelfItem::widths(
                ShelfItem::query()->whereNull('archived_at')->where('width', '>', 0)->distinct()->orderBy('width')->pluck('width'),
            ),
            'units' => $house->units(),
            'currency' => $house->currency(),
            'away' => ShelfItem::query()->whereNotNull('archived_at')->count(),
        ]);
    }

    public function store(Request $request, Craft $craft): RedirectResponse
    {
        $ware = (string) $request->input('ware');
        $item = ShelfItem::begin(isset($craft->materials[$ware]) ? $ware : Mesh::KEY, []);

        return redirect()->route('shelf.show', $item)->with(
            'said',
            'Say what it is: every blank can be changed. Then add what you have of it.',
        );
    }

    public function show(ShelfItem $item, Request $request): ItemPage
    {
        return new ItemPage($item, scale: $request->boolean('scale'));
    }

    public function update(Request $request, ShelfItem $item): ItemPage|RedirectResponse
    {
        $typed = array_filter((array) $request->input('set'), is_string(...));
        try {
            DB::transaction(function () use ($item, $typed): void {
                foreach ($typed as $address => $text) {
                    $key = (string) preg_replace('/^item\./', '', (string) $address);
                    try {
                        $item->write($key, $text);
                    } catch (Refused $refused) {
                        throw new BlankRefused("item.$key", $refused);
                    }
                }
            });
        } catch (BlankRefused $refused) {
            return new ItemPage($item->fresh() ?? $item, Problem::of($refused, 422, $typed));
        }

        return redirect()->route('shelf.show', $item);
    }

    /** More of it. */
    public function take(Request $request, ShelfItem $item): RedirectResponse
    {
        [$typed, $kept] = [trim((string) $request->input('came')), mb_substr(trim((string) $request->input('kept')), 0, 60)];
        if ($item->ware()->isWound()) {
            $item->take((new OnHandBlank('came', 'what came'))->read($typed, app(House::class)->units()), kept: $kept);
        } else {
            $item->takePieces((new CountBlank('came', 'how many came', 1, 1, 100_000))->read($typed, null), kept: $kept);
        }

        return redirect()->route('shelf.show', $item)->with('said', "$typed of it on the shelf.");
    }

    public function note(Request $request, ShelfStock $stock): RedirectResponse
    {
        $stock->update(
            ['kept' => mb_substr(trim((string) $request->input('kept')), 0, 60), 'lot' => Lot::read((string) $request->input('lot'))],
        );

        return redirect()->route('shelf.show', $stock->shelf_item_id);
    }

    public function archive(ShelfItem $item): RedirectResponse
    {
        $item->archive();

        return redirect()->route('shelf.index')->with('takenDown', ['name' => $item->name, 'restore' => route('shelf.restore', $item)]);
    }

    public function restore(ShelfItem $item): RedirectResponse
    {
        $item->update(['archived_at' => null]);

        return redirect()->route('shelf.show', $item)->with('said', "\"$item->name\" is on the shelf again.");
    }
}
