<?php

namespace App\Http\Controllers;

use App\Http\Requests\PriceRequest;
use App\Models\KeptPrice;
use App\Models\SavedPlan;
use App\Prices\PricedPlan;
use App\Prices\SheetCsv;
use App\Prices\SheetPdf;
use App\Prices\TermsPage;
use App\Settings\House;
use Davrin\Core\Words\Refused;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** What a plan costs, what to ask for it, and what a price really earns. */
final readonly class PlanPriceController
{
    public function __construct(private House $house) {}

    public function show(PriceRequest $request, SavedPlan $plan): View
    {
        $said = ['saved' => $plan, 'request' => $request, 'terms' => TermsPage::of($this->house)];
        try {
            $priced = $this->priced($request, $plan);
        } catch (Refused $refused) {
            return view('prices.refused', $said + ['refused' => $refused->getMessage()]);
        }

        return view('prices.show', $said + [
            'priced' => $priced,
            'sheet' => $priced->said(),
            'kept' => KeptPrice::latestFirst()->where('plan_id', $plan->id)->limit(6)->get(),
        ]);
    }

    public function pdf(PriceRequest $request, SavedPlan $plan): Response|RedirectResponse
    {
        $size = $request->query('paper') === 'a4' ? 'A4' : 'LETTER';

        return $this->taken($request, $plan, fn (array $sheet): Response => SheetPdf::answer($sheet, $size));
    }

    public function csv(PriceRequest $request, SavedPlan $plan): Response|RedirectResponse
    {
        return $this->taken($request, $plan, SheetCsv::answer(...));
    }

    /** Decides on a price: it is kept with its sheet as it is today. */
    public function keep(PriceRequest $request, SavedPlan $plan): RedirectResponse
    {
        try {
            $kept = DB::transaction(function () use ($request, $plan): ?KeptPrice {
                $priced = $this->priced($request, $plan->refresh());

                return $request->problems() !== [] ? null : $priced->keep();
            });
        } catch (Refused) {
            // The page says why.
            $kept = null;
        }

        return $kept === null
            ? redirect()->route('plans.price', [$plan, ...$request->asTyped()])
            : redirect()->route('prices.show', $kept)
                ->with('said', "$kept->asked at \"$kept->place\" is kept, with this sheet as it is today.");
    }

    private function priced(PriceRequest $request, SavedPlan $plan): PricedPlan
    {
        return PricedPlan::of(
            $plan,
            $this->house->terms(),
            $request->copies(),
            $request->minutes(),
            $request->place(),
            $request->asked($this->house->currency()),
        );
    }

    /** @param  callable(array<string, mixed>): Response  $answer */
    private function taken(PriceRequest $request, SavedPlan $plan, callable $answer): Response|RedirectResponse
    {
        try {
            return $answer($this->priced($request, $plan)->said());
        } catch (Refused) {
            // The page says why.
            return redirect()->route('plans.price', [$plan, ...$request->asTyped()]);
        }
    }
}
