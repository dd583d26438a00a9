<?php

namespace App\Plans;

use App\Drawing\FormDrawing;
use App\Editor\Side;
use App\Models\SavedPlan;
use Davrin\Core\Engine\Engine;
use Illuminate\Pagination\LengthAwarePaginator;

/** The plans as they hang on the wall: each drawn, all to one scale, with the figures a maker looks for first. */
final readonly class Wall
{
    public function __construct(private Engine $engine) {}

    /**
     * @param  LengthAwarePaginator<int, SavedPlan>  $plans
     * @return LengthAwarePaginator<int, HungPlan>
     */
    public function hang(LengthAwarePaginator $plans): LengthAwarePaginator
    {
        return $plans->through(function (SavedPlan $saved): HungPlan {
            $plan = $saved->plan();
            $result = $this->engine->work($plan);

            return new HungPlan($saved, $result, new FormDrawing($plan, $result, Side::Front, prefix: "p$saved->id-"));
        });
    }
}
