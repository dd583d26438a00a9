<?php

namespace App\Http\Controllers;

use App\Editor\EditorPage;
use App\Editor\View;
use App\Models\SavedPlan;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

final class PlanHistoryController
{
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
