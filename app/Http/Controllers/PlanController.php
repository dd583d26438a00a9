<?php

namespace App\Http\Controllers;

use App\Editor\EditorPage;
use App\Editor\View;
use App\Models\SavedPlan;
use App\Plans\Cards;
use App\Plans\Starter;
use App\Settings\House;
use App\Shelf\Holding;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Effort\Effort;
use Davrin\Core\Plan\PlanReader;
use Illuminate\Contracts\View\View as Page;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;

final class PlanController
{
    private const A_PAGE = 24;

    /** What a first look at plans that no figures are kept of may take without script. */
    private const WORKED_STEPS = 40_000_000;

    public function index(Request $request, Cards $cards): Page
    {
        $sought = trim(mb_substr((string) $request->string('q'), 0, 80));
        $plans = SavedPlan::found($sought)->with('revision.card')->paginate(self::A_PAGE)->withQueryString();
        if ($request->boolean('worked')) {
            $account = Effort::of(self::WORKED_STEPS);
            foreach ($plans as $saved) {
                $account->isSpent() || $cards->of($saved->revision, $account);
            }
        }

        return view('plans.index', [
            'plans' => $plans,
            'sought' => $sought,
            'deleted' => SavedPlan::onlyTrashed()->orderByDesc('deleted_at')->limit(12)->get(),
        ]);
    }

    public function store(Request $request, PlanReader $reader, House $house): RedirectResponse
    {
        $starter = Starter::tryFrom((string) $request->string('starter')) ?? Starter::Ruffles;
        $plan = SavedPlan::start(
            (new FillBlanks(Arr::prependKeysWith($house->settings(), 'settings.')))->apply($starter->plan($reader), $reader),
            'begun',
        );

        return redirect()->route('plans.show', $plan);
    }

    public function show(Request $request, SavedPlan $plan): EditorPage
    {
        return new EditorPage($plan, View::of($plan, $request));
    }

    /** What the wall shows of it, by itself. */
    public function card(SavedPlan $plan, Cards $cards): Page
    {
        return view('plans.card', ['saved' => $plan, 'card' => $cards->of($plan->revision)]);
    }

    public function copy(SavedPlan $plan, PlanReader $reader): RedirectResponse
    {
        $original = $plan->plan();
        $name = mb_substr($original->name(), 0, 73).', copy';
        $copy = SavedPlan::start((new FillBlanks(['plan.name' => $name]))->apply($original, $reader), 'copied from '.$original->name());

        return redirect()->route('plans.show', $copy)->with(
            'said',
            "This is a copy of \"{$original->name()}\". Change what you like; the first stays as it is.",
        );
    }

    /** What it holds of the shelf it gives back, and has again when it is hung up again. */
    public function destroy(SavedPlan $plan): RedirectResponse
    {
        $held = DB::transaction(function () use ($plan): ?string {
            $plan->refresh();
            $held = ! $plan->trashed() && $plan->isReady() ? $plan->holdsWords() : null;
            $plan->reservations()->delete();
            $plan->delete();

            return $held;
        });

        return redirect()->route('plans.index')->with('takenDown', [
            'name' => $plan->name,
            'restore' => route('plans.restore', $plan),
            'words' => $held === null ? null : "It was ready and gave back $held. Hung up again it has that again, if it is still free.",
        ]);
    }

    public function restore(SavedPlan $plan): RedirectResponse
    {
        [$wasReady, $isReady] = DB::transaction(function () use ($plan): array {
            $plan->refresh();
            $wasReady = $plan->trashed() && $plan->isReady();
            $plan->restore();
            if ($wasReady) {
                $plan->update(['ready_at' => null]);
            }

            return [$wasReady, $wasReady && Holding::again($plan)];
        });

        return redirect()->route('plans.index')->with('said', "\"$plan->name\" hangs on the wall again.".match (true) {
            $isReady => ' It is ready, and holds '.$plan->holdsWords().' as before.',
            $wasReady => ' It was ready before; what it held is not all free any more. Look it over, then make it ready again.',
            default => '',
        });
    }
}
