<?php

namespace App\Http\Controllers;

use App\Devices\LabelPrinter;
use App\Devices\PlayedLabelPrinter;
use App\Drawing\Ink;
use App\Models\ShelfStock;
use Davrin\Core\Cut\Label;
use Illuminate\Contracts\View\View as Page;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Plays the label printer that is not connected, and prints what lies on the shelf. */
final class LabelPrinterController
{
    public function show(PlayedLabelPrinter $printer): Page
    {
        return view('shelf.labels', [
            'printer' => $printer,
            'strip' => $printer->strip(),
            'inks' => array_map(
                fn (Label $label, int $place): Ink => Ink::from($label->colour, $label->hatch, "label$place"),
                $printer->strip(),
                array_keys($printer->strip()),
            ),
        ]);
    }

    public function play(Request $request, PlayedLabelPrinter $printer): RedirectResponse
    {
        match ($request->input('do')) {
            'tear' => $printer->tearOff(),
            'roll' => $printer->putIn(PlayedLabelPrinter::ROLL),
            'end' => $printer->putIn(1),
            'off' => $printer->switch(false),
            default => $printer->switch(true),
        };

        return redirect()->route('labels.show');
    }

    public function stock(ShelfStock $stock, LabelPrinter $printer): RedirectResponse
    {
        $printer->print([$stock->loadMissing('item')->label()]);

        return redirect()->route('shelf.show', $stock->shelf_item_id)->with('said', 'Its label is printed: '.$stock->label()->words().'.');
    }
}
