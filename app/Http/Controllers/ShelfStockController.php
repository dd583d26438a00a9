<?php

namespace App\Http\Controllers;

use App\Http\Requests\MeasureRequest;
use App\Models\Build;
use App\Models\CutBatch;
use App\Models\SavedPlan;
use App\Models\ShelfMovement;
use App\Models\ShelfStock;
use App\Shelf\CutOff;
use Davrin\Core\Words\Refused;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;

/** What is left of one thing on the shelf: measured, gone, and back again. */
final class ShelfStockController
{
    public function measure(MeasureRequest $request, ShelfStock $stock): RedirectResponse
    {
        $left = DB::transaction(function () use ($request, $stock): int {
            $left = $stock->measure($request->kind(), $request->amount(...), $request->known(), $request->words());
            $request->remember($stock->item);

            return $left;
        });

        return redirect()->route('shelf.show', $stock->shelf_item_id)->with(
            'said',
            $stock->shown($left).' are left, '.$request->known().'.',
        );
    }

    public function gone(ShelfStock $stock): RedirectResponse
    {
        $stock->useUp();

        return redirect()->route('shelf.show', $stock->shelf_item_id)->with('said', 'It is off the shelf. Its history brings it back.');
    }

    /** @throws Refused */
    public function undo(ShelfMovement $movement): RedirectResponse
    {
        DB::transaction(function () use ($movement): void {
            // What was moved when a cut sheet was worked off goes back together.
            $job = $movement->job === null ? null : Build::jobOf($movement->job);
            $cut = $job === null ? null
                : SavedPlan::withTrashed()->where('cut_job', $job)->first() ?? CutBatch::withTrashed()->where('cut_job', $job)->first();
            if ($cut === null) {
                CutOff::mustNotBeOfABuild($movement);
                $movement->stock->undo($movement);
            } else {
                CutOff::undo($cut);
            }
        });

        return redirect()->route('shelf.show', $movement->stock->shelf_item_id)->with('said', "Undone: $movement->words.");
    }
}
