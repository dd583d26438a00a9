<?php

namespace App\Http\Controllers;

use App\Models\SavedPlan;
use App\Shelf\Holding;
use Illuminate\Http\RedirectResponse;

/** A plan that is ready holds what it needs of the shelf. */
final class PlanReadyController
{
    public function ready(SavedPlan $plan): RedirectResponse
    {
        Holding::make($plan);

        return redirect()->route('plans.show', $plan)->with('said', 'The plan is ready. Reserved: '.$plan->holdsWords().'.');
    }

    public function giveBack(SavedPlan $plan): RedirectResponse
    {
        $words = $plan->giveBack();

        return redirect()->route('plans.show', $plan)->with('said', "Given back: $words. The plan can be changed again.");
    }
}
