<?php

namespace App\Http\Controllers;

use App\Http\Requests\MeasureRequest;
use App\Models\CutBatch;
use App\Models\SavedPlan;
use App\Models\ShelfMovement;
use App\Models\ShelfStock;
use App\Shelf\CutOff;
use Davrin\Core\Refused;
use Davrin\Core\Shelf\MovementKind;
use Davrin\Core\Shelf\StandsInTheWay;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;

/** What is left of one thing on the shelf: measured, gone, and back again. */
final class ShelfStockController
{
    public function measure(MeasureRequest $request, ShelfStock $stock): RedirectResponse
    {
        $said = DB::transaction(function () use ($request, $stock): string {
            $left = $request->amount($stock);
            if ($left < $stock->held()) {
                throw StandsInTheWay::held($stock->shown($stock->held()), $stock->shown($left));
            }
            $request->remember($stock->item);
            $stock->update(['known' => $request->known()]);
            $stock->move($request->kind(), $left - $stock->amount, $request->words());

            return $stock->shown($left).' are left, '.$request->known().'.';
        });

        return redirect()->route('shelf.show', $stock->shelf_item_id)->with('said', $said);
    }

    public function gone(ShelfStock $stock): RedirectResponse
    {
        if ($stock->held() > 0) {
            throw StandsInTheWay::held($stock->shown($stock->held()), $stock->shown(0));
        }
        $stock->move(MovementKind::Gone, -$stock->amount, 'used up or given away');

        return redirect()->route('shelf.show', $stock->shelf_item_id)->with('said', 'It is off the shelf. Its history brings it back.');
    }

    /** @throws Refused */
    public function undo(ShelfMovement $movement): RedirectResponse
    {
        // What was moved when a cut sheet was worked off goes back together.
        $cut = $movement->job === null ? null
            : SavedPlan::withTrashed()->where('cut_job', $movement->job)->first() ?? CutBatch::withTrashed()->where('cut_job', $movement->job)->first();
        $cut === null ? $movement->stock->undo($movement) : CutOff::undo($cut);

        return redirect()->route('shelf.show', $movement->stock->shelf_item_id)->with('said', "Undone: $movement->words.");
    }
}
