<?php

namespace App\Http\Controllers;

use App\Editor\EditorPage;
use App\Editor\View;
use App\Models\PlanRevision;
use App\Models\SavedPlan;
use Illuminate\Contracts\View\View as Page;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Every step of a plan: seen, undone, done again and brought back. */
final class PlanHistoryController
{
    private const A_PAGE = 24;

    public function show(SavedPlan $plan): Page
    {
        return view('plans.history', [
            'saved' => $plan,
            'steps' => $plan->revisions()->with('card')->orderByDesc('id')->paginate(self::A_PAGE),
            'kept' => $plan->stepsKept(),
        ]);
    }

    public function bringBack(Request $request, SavedPlan $plan, PlanRevision $step): RedirectResponse
    {
        $plan->bringBack($step, $request->integer('revision'));

        return redirect()->route('plans.show', $plan)
            ->with('said', "Brought back: $step->words. Undo returns to the plan as it was before.");
    }

    public function undo(Request $request, SavedPlan $plan): Response|EditorPage
    {
        $plan->undo($request->integer('revision'));

        return $this->shown($request, $plan);
    }

    public function redo(Request $request, SavedPlan $plan): Response|EditorPage
    {
        $plan->redo($request->integer('revision'));

        return $this->shown($request, $plan);
    }

    private function shown(Request $request, SavedPlan $plan): Response|EditorPage
    {
        $view = View::of($plan, $request);

        return $request->hasHeader('HX-Request') ? new EditorPage($plan, $view) : redirect($view->url());
    }
}
