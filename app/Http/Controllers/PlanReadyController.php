<?php

namespace App\Http\Controllers;

use App\Models\SavedPlan;
use App\Shelf\Holding;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Words\Words;
use Illuminate\Http\RedirectResponse;

/** A plan that is ready holds what it needs of the shelf. */
final class PlanReadyController
{
    public function ready(SavedPlan $plan): RedirectResponse
    {
        Holding::make($plan);

        $toBuy = app(Engine::class)->figures($plan->plan())->toBuy();

        return redirect()->route('plans.show', $plan)->with(
            'said',
            'The plan is ready. Reserved: '.$plan->holdsWords().'.'.($toBuy === [] ? '' : ' To buy: '.Words::list($toBuy).'.'),
        );
    }

    public function giveBack(SavedPlan $plan): RedirectResponse
    {
        $words = $plan->giveBack();

        return redirect()->route('plans.show', $plan)->with('said', "Given back: $words. The plan can be changed again.");
    }
}
