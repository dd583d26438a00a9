<?php

namespace App\Http\Controllers;

use App\Http\KeptDrawing;
use App\Models\PlanRevision;
use App\Models\SavedPlan;
use App\Plans\Cards;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** How a plan's form looked after a step: drawn once, and fetched once, as its address names the step and the version that drew it. */
final class PlanPictureController
{
    public function __invoke(Request $request, SavedPlan $plan, PlanRevision $step, Cards $cards): Response
    {
        $picture = $cards->picture($step);
        if ($picture === null) {
            return response()->view('plans.picture-failed', [], 200, ['Content-Type' => 'image/svg+xml', 'Cache-Control' => 'no-store']);
        }

        return KeptDrawing::answer($request, $picture);
    }
}
