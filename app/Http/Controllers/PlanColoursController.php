<?php

namespace App\Http\Controllers;

use App\Colours\Variations;
use App\Http\Requests\PaletteRequest;
use App\Models\SavedPlan;
use Davrin\Core\Colour\GreyContrasts;
use Illuminate\Contracts\View\View;

/** A plan in other colours, side by side. */
final class PlanColoursController
{
    public function __invoke(PaletteRequest $request, SavedPlan $plan, Variations $variations): View
    {
        return view('colours.index', [
            'saved' => $plan,
            'variations' => $variations->of($plan->plan(), $request->palette()),
            'inGreys' => GreyContrasts::of($plan->plan()->usedWound()),
            'request' => $request,
        ]);
    }
}
