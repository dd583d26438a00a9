<?php

namespace App\Http\Controllers;

use App\Cut\CutSheetPdf;
use App\Drawing\Ink;
use App\Drawing\RollShelf;
use App\Models\SavedPlan;
use App\Shelf\CutOff;
use Davrin\Core\Cut\CutOrder;
use Davrin\Core\Cut\CutSheet;
use Davrin\Core\Engine\Engine;
use Illuminate\Contracts\View\View as Page;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The cut sheet of a plan: shown, ticked, printed, and worked off. */
final class CutSheetController
{
    public function __construct(private readonly Engine $engine) {}

    public function show(Request $request, SavedPlan $plan): Page
    {
        $result = $this->engine->work($plan->plan());
        $order = self::order($request);
        $inks = [];
        foreach ($plan->plan()->meshes as $mesh) {
            $inks[$mesh->id] = Ink::of($mesh, $mesh->id);
        }

        return view('cuts.show', [
            'saved' => $plan,
            'plan' => $plan->plan(),
            'result' => $result,
            'sheet' => CutSheet::of($plan->plan(), $result, $order),
            'strips' => new RollShelf($plan->plan(), $result, folds: false),
            'order' => $order,
            'inks' => $inks,
            'ticked' => $plan->tickedCuts(),
        ]);
    }

    public function tick(Request $request, SavedPlan $plan): RedirectResponse|Response
    {
        $cut = (string) $request->input('cut');
        $sheet = CutSheet::of($plan->plan(), $this->engine->work($plan->plan()), CutOrder::ByColour);
        foreach ($sheet->rolls as $roll) {
            foreach ($roll->cuts as $its) {
                if ($its->key === $cut) {
                    $plan->tick($cut, $request->boolean('done'));
                }
            }
        }

        return $request->hasHeader('HX-Request') ? response()->noContent() : redirect()->route('cuts.show', [$plan, ...$request->only('order')]);
    }

    public function work(SavedPlan $plan): RedirectResponse
    {
        CutOff::of($plan);

        return redirect()->route('cuts.show', $plan)->with('said', 'All of it is cut: what was cut is off the shelf, and what is left lies on it.');
    }

    public function undo(SavedPlan $plan): RedirectResponse
    {
        CutOff::undo($plan);

        return redirect()->route('cuts.show', $plan)->with('said', 'The shelf is as it was before these cuts.');
    }

    public function pdf(Request $request, SavedPlan $plan): Response
    {
        $result = $this->engine->work($plan->plan());
        $pdf = CutSheetPdf::of($plan->plan(), $result, CutSheet::of($plan->plan(), $result, self::order($request)), $request->query('paper') === 'a4' ? 'A4' : 'LETTER');

        return response($pdf, 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'attachment; filename="cut-sheet-'.$plan->id.'.pdf"']);
    }

    private static function order(Request $request): CutOrder
    {
        return CutOrder::tryFrom(is_string($request->input('order')) ? $request->input('order') : '') ?? CutOrder::ByColour;
    }
}
