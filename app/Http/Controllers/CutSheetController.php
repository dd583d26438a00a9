<?php

namespace App\Http\Controllers;

use App\Models\SavedPlan;
use App\Shelf\CutOff;
use Illuminate\Contracts\View\View as Page;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The cut sheet of a plan: shown, ticked, printed, and worked off. */
final class CutSheetController
{
    use ShowsCutSheet;

    public function show(Request $request, SavedPlan $plan): Page
    {
        return $this->page($request, $plan);
    }

    public function tick(Request $request, SavedPlan $plan): RedirectResponse|Response
    {
        return $this->ticked($request, $plan);
    }

    public function pdf(Request $request, SavedPlan $plan): Response
    {
        return $this->paper($request, $plan, "cut-sheet-$plan->id.pdf");
    }

    public function labels(SavedPlan $plan): RedirectResponse
    {
        return $this->labelled($plan);
    }

    public function work(Request $request, SavedPlan $plan): RedirectResponse
    {
        $asked = $this->unlessAllIsTicked($request, $plan);
        if ($asked !== null) {
            return $asked;
        }
        CutOff::of($plan);

        return $this->worked($plan);
    }

    public function undo(SavedPlan $plan): RedirectResponse
    {
        return $this->undone($plan, CutOff::undo($plan));
    }
}
