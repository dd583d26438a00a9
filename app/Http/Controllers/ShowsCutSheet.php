<?php

namespace App\Http\Controllers;

use App\Cut\CutSheetPdf;
use App\Cut\Cuttable;
use App\Devices\LabelPrinter;
use Davrin\Core\Cut\CutOrder;
use Illuminate\Contracts\View\View as Page;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A cut sheet is answered alike, whether one plan is cut or several together. */
trait ShowsCutSheet
{
    private function page(Request $request, Cuttable $cut): Page
    {
        return view('cuts.show', ['cut' => $cut, 'page' => $cut->sheet(self::order($request))]);
    }

    private function ticked(Request $request, Cuttable $cut): RedirectResponse|Response
    {
        $key = (string) $request->input('cut');
        if ($cut->sheet(CutOrder::ByColour)->has($key)) {
            $cut->tick($key, $request->boolean('done'));
        }

        return $request->hasHeader('HX-Request') ? response()->noContent() : redirect($cut->sheetUrl().($request->has('order') ? '?order='.self::order($request)->value : ''));
    }

    private function paper(Request $request, Cuttable $cut, string $name): Response
    {
        $pdf = CutSheetPdf::of($cut->sheet(self::order($request)), $request->query('paper') === 'a4' ? 'A4' : 'LETTER');

        return response($pdf, 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => "attachment; filename=\"$name\""]);
    }

    private function labelled(Cuttable $cut): RedirectResponse
    {
        $labels = $cut->sheet(CutOrder::ByColour)->sheet->labels();
        app(LabelPrinter::class)->print($labels);

        return redirect($cut->sheetUrl())->with('said', count($labels) === 1 ? 'Its label is printed.' : count($labels).' labels are printed.');
    }

    private function worked(Cuttable $cut): RedirectResponse
    {
        return redirect($cut->sheetUrl())->with('said', 'All of it is cut: what was cut is off the shelf, and what is left lies on it.');
    }

    private function undone(Cuttable $cut): RedirectResponse
    {
        return redirect($cut->sheetUrl())->with('said', 'The shelf is as it was before these cuts.');
    }

    private static function order(Request $request): CutOrder
    {
        return CutOrder::tryFrom(is_string($request->input('order')) ? $request->input('order') : '') ?? CutOrder::ByColour;
    }
}
