<?php

namespace App\Http\Controllers;

use App\Drawing\Side;
use App\Http\Requests\DoorRequest;
use App\Models\SavedPlan;
use App\Plans\DoorScene;
use App\Shelf\OnTheShelfToo;
use App\Shelf\ShelfRemedies;
use Davrin\Core\Check\BeforeCutting;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Engine\Thoroughness;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

/** A plan as the whole piece it makes: read over before it is cut, step by step in the order of work, and on the door. */
final readonly class WholePieceController
{
    /** A picture that is taken along brings its own rules, and nothing else. */
    private const ITS_OWN_STYLE = "default-src 'none'; style-src 'unsafe-inline'";

    public function __construct(private Engine $engine) {}

    public function check(SavedPlan $plan, ShelfRemedies $shelf): View
    {
        $result = $shelf->added($plan, $this->engine->work($plan->plan(), how: Thoroughness::Thorough));

        return view('whole.check', [
            'saved' => $plan,
            'check' => BeforeCutting::of($plan->plan(), $result),
            'onTheShelf' => OnTheShelfToo::of($plan, $result),
            'mayChange' => ! $plan->isReady() && $plan->cut_at === null,
        ]);
    }

    public function order(SavedPlan $plan): View
    {
        return view('whole.order', ['saved' => $plan, 'plan' => $plan->plan(), 'result' => $this->engine->figures($plan->plan())]);
    }

    public function door(DoorRequest $request, SavedPlan $plan): View
    {
        $scene = DoorScene::of($plan->plan(), $this->engine->figures($plan->plan()), $request->place(), $request->side());

        return view('whole.door', ['saved' => $plan, 'request' => $request, 'scene' => $scene, 'sides' => Side::cases()]);
    }

    public function picture(DoorRequest $request, SavedPlan $plan): Response
    {
        $scene = DoorScene::of($plan->plan(), $this->engine->figures($plan->plan()), $request->place(), $request->side());

        return response()->view('whole.door-picture', ['scene' => $scene], 200, [
            'Content-Type' => 'image/svg+xml',
            'Content-Disposition' => 'attachment; filename="'.str($plan->name)->slug().'-on-the-door.svg"',
            'Content-Security-Policy' => self::ITS_OWN_STYLE,
        ]);
    }
}
