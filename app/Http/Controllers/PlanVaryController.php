<?php

namespace App\Http\Controllers;

use App\Models\SavedPlan;
use App\Vary\SweepChart;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Vary\Sweep;
use Davrin\Core\Vary\Varied;
use Davrin\Core\Words\Fault;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** One figure of a plan, from one value to another: what each comes to, and where a roll more is opened. */
final class PlanVaryController
{
    public function __invoke(Request $request, SavedPlan $plan, Engine $engine, PlanReader $reader): View
    {
        $its = $plan->plan();
        $all = Varied::of($its);
        $typed = [];
        foreach (['of', 'from', 'to', 'step'] as $field) {
            $given = $request->query($field);
            $typed[$field] = is_string($given) ? mb_substr(trim($given), 0, 60) : '';
        }
        $said = ['saved' => $plan, 'all' => $all, 'typed' => $typed, 'varied' => null, 'chart' => null, 'refused' => null];
        if ($all === []) {
            return view('plans.vary', $said);
        }
        $varied = $all[$typed['of']] ?? $all[array_key_first($all)];
        try {
            $sweep = Sweep::of($its, $varied, $engine, $reader, $typed['from'], $typed['to'], $typed['step']);
        } catch (Fault $fault) {
            return view('plans.vary', ['varied' => $varied, 'refused' => $fault] + $said);
        }

        return view('plans.vary', [
            'varied' => $varied,
            'chart' => new SweepChart($sweep),
            'mayChange' => ! $plan->isReady() && $plan->cut_at === null,
        ] + $said);
    }
}
