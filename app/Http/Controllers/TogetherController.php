<?php

namespace App\Http\Controllers;

use App\Batch\Together;
use App\Models\SavedPlan;
use Davrin\Core\Refused;
use Illuminate\Contracts\View\View as Page;
use Illuminate\Http\Request;

/** Several plans, or several of one, cut together. */
final class TogetherController
{
    private const MOST_PLANS = 60;

    public function __invoke(Request $request): Page
    {
        $copies = array_filter(array_map(fn (mixed $typed): int => is_numeric($typed) ? max(0, min(Together::MOST_COPIES, (int) $typed)) : 0, (array) $request->query('copies')));
        /** @var list<SavedPlan> $plans */
        $plans = SavedPlan::latestFirst()->limit(self::MOST_PLANS)->get()->all();
        [$together, $refused] = [null, null];
        try {
            $chosen = [];
            foreach ($plans as $plan) {
                $chosen = [...$chosen, ...(isset($copies[$plan->id]) ? [$plan] : [])];
            }
            $together = $chosen === [] ? null : Together::of($chosen, $copies);
        } catch (Refused $why) {
            $refused = $why->getMessage();
        }

        return view('together.index', ['plans' => $plans, 'copies' => $copies, 'together' => $together, 'refused' => $refused]);
    }
}
