<?php

namespace App\Http\Controllers;

use App\Colours\Variations;
use App\Http\Requests\PaletteRequest;
use App\Models\SavedPlan;
use Davrin\Core\Colour\Greys;
use Illuminate\Contracts\View\View;

/** A plan in other colours, side by side. */
final class PlanColoursController
{
    public function __invoke(PaletteRequest $request, SavedPlan $plan, Variations $variations): View
    {
        return view('colours.index', [
            'saved' => $plan,
            'variations' => $variations->of($plan->plan(), $request->palette()),
            'inGreys' => Greys::of($plan->plan()->usedWound()),
            'request' => $request,
        ]);
    }
}
