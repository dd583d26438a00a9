<?php

namespace App\Http\Controllers;

use App\Cut\CutSheetPdf;
use App\Cut\Cuttable;
use App\Devices\LabelPrinter;
use App\Exceptions\NotReady;
use Davrin\Core\Cut\CutOrder;
use Davrin\Core\Words\Words;
use Illuminate\Contracts\View\View as Page;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A cut sheet is answered alike, whether one plan is cut or several together. */
trait ShowsCutSheet
{
    private function page(Request $request, Cuttable $cut): Page
    {
        $sheet = $cut->sheet(self::order($request));

        return view('cuts.show', ['cut' => $cut, 'page' => $sheet, 'number' => $sheet->page($request->query('page'))]);
    }

    private function ticked(Request $request, Cuttable $cut): RedirectResponse|Response
    {
        $key = (string) $request->input('cut');
        if (! $cut->sheet(CutOrder::ByColour, false)->has($key)) {
            throw NotReady::noSuchCut();
        }
        $cut->tick($key, $request->boolean('done'));

        return $request->hasHeader('HX-Request')
            ? response()->noContent()
            : redirect(
                self::at(
                    $cut,
                    array_filter(
                        [
                            'order' => $request->has('order') ? self::order($request)->value : null,
                            'page' => $request->integer('page') > 1 ? $request->integer('page') : null,
                        ],
                    ),
                ),
            );
    }

    /** @param  array<string, string|int>  $query */
    private static function at(Cuttable $cut, array $query): string
    {
        return rtrim($cut->sheetUrl().'?'.http_build_query($query), '?');
    }

    private function paper(Request $request, Cuttable $cut, string $name): Response
    {
        $pdf = CutSheetPdf::of($cut->sheet(self::order($request)), $request->query('paper') === 'a4' ? 'A4' : 'LETTER');

        return response($pdf, 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => "attachment; filename=\"$name\""]);
    }

    private function labelled(Cuttable $cut): RedirectResponse
    {
        $labels = $cut->sheet(CutOrder::ByColour, false)->sheet->labels();
        app(LabelPrinter::class)->print($labels);

        return redirect($cut->sheetUrl())->with(
            'said',
            count($labels) === 1 ? 'Its label is printed.' : count($labels).' labels are printed.',
        );
    }

    /** Where not all is ticked it is asked first whether all was cut; null where that is so or was said. */
    private function unlessAllIsTicked(Request $request, Cuttable $cut): ?RedirectResponse
    {
        if ($cut->cutAt() !== null || $request->boolean('all')) {
            return null;
        }
        $sheet = $cut->sheet(CutOrder::ByColour, false);
        $ticked = count(array_filter($cut->tickedCuts(), $sheet->has(...)));
        $count = $sheet->sheet->count();

        return $ticked === $count || $sheet->isShort
            ? null
            : redirect($cut->sheetUrl())->with('unticked', ['ticked' => $ticked, 'all' => $count]);
    }

    private function worked(Cuttable $cut): RedirectResponse
    {
        return redirect($cut->sheetUrl())->with('said', 'All of it is cut: what was cut is off the shelf, and what is left lies on it.');
    }

    /** @param  list<string>  $ready  the plans that are ready again */
    private function undone(Cuttable $cut, array $ready): RedirectResponse
    {
        $again = $ready === [] ? '' : sprintf(
            ' %s %s ready again and %s what was reserved before.',
            Words::list(array_map(fn (string $name): string => "\"$name\"", $ready)),
            count($ready) === 1 ? 'is' : 'are',
            count($ready) === 1 ? 'holds' : 'hold',
        );

        return redirect($cut->sheetUrl())->with('said', "The shelf is as it was before these cuts.$again");
    }

    private static function order(Request $request): CutOrder
    {
        return CutOrder::tryFrom(is_string($request->input('order')) ? $request->input('order') : '') ?? CutOrder::ByColour;
    }
}
