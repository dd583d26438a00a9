<?php

namespace App\Http\Controllers;

use App\Editor\EditorPage;
use App\Editor\View;
use App\Http\Requests\EditRequest;
use App\Models\SavedPlan;
use Symfony\Component\HttpFoundation\Response;

/** Takes an edit. Why one is refused, and how that is shown, is in App\Exceptions\Refusals. */
final class PlanEditController
{
    public function __invoke(EditRequest $request, SavedPlan $plan): Response|EditorPage
    {
        $lost = $plan->edit($request->edit(), $request->seen());
        $view = View::of($plan, $request);

        return $request->hasHeader('HX-Request') ? new EditorPage($plan, $view, lost: $lost) : redirect($view->url())->with('lost', $lost);
    }
}
