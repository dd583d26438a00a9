<?php

namespace App\Http\Controllers;

use App\Blanks\Problem;
use App\Blanks\Typed;
use App\Models\KeptPrice;
use App\Prices\OffersPage;
use App\Prices\SheetCsv;
use App\Prices\SheetPdf;
use App\Prices\TermsPage;
use App\Settings\House;
use Davrin\Core\Price\Terms;
use Davrin\Core\Words\Refused;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What pieces are priced by, and the prices that were decided on. */
final readonly class PricesController
{
    private const A_PAGE = 24;

    public function __construct(private House $house) {}

    public function index(): View
    {
        return view('prices.index', [
            'terms' => TermsPage::of($this->house),
            'kept' => KeptPrice::latestFirst()->with('plan')->paginate(self::A_PAGE),
            'deleted' => KeptPrice::onlyTrashed()->orderByDesc('deleted_at')->limit(12)->get(),
        ]);
    }

    /** Rolls on offer, by the yard, by the square foot and by the finished piece. */
    public function rolls(Request $request): View
    {
        return view('prices.rolls', ['terms' => TermsPage::of($this->house), 'cut' => OffersPage::of($request, $this->house->terms())]);
    }

    public function update(Request $request): RedirectResponse
    {
        $typed = (array) $request->input('set');
        [$do, $id] = [(string) $request->string('do'), (string) $request->string('id')];
        try {
            $this->house->priceBy(fn (Terms $terms): Terms => match ($do) {
                'add-place' => $terms->withOneMore('places'),
                'add-box' => $terms->withOneMore('boxes'),
                'add-offer' => $terms->withOneMore('offers'),
                'remove-place' => $terms->without('places', $id),
                'remove-box' => $terms->without('boxes', $id),
                'remove-offer' => $terms->without('offers', $id),
                default => $terms->filled(Typed::of($typed), $this->house->units()),
            });
        } catch (Refused $refused) {
            return $this->backThere()->with(TermsPage::PROBLEM, Problem::of($refused, 422, $typed));
        }

        return $this->backThere();
    }

    public function undo(): RedirectResponse
    {
        $this->house->priceByBefore();

        return $this->backThere();
    }

    public function show(KeptPrice $price): View
    {
        return view('prices.kept', ['price' => $price, 'sheet' => $price->sheet, 'hangs' => $price->plan !== null]);
    }

    public function pdf(Request $request, KeptPrice $price): Response
    {
        return SheetPdf::answer($price->sheet, $request->query('paper') === 'a4' ? 'A4' : 'LETTER', $price->created_at);
    }

    public function csv(KeptPrice $price): Response
    {
        return SheetCsv::answer($price->sheet);
    }

    public function destroy(KeptPrice $price): RedirectResponse
    {
        $price->delete();

        return redirect()->route('prices.index')->with('takenDown', [
            'name' => "$price->asked for $price->name", 'restore' => route('prices.restore', $price->id),
        ]);
    }

    public function restore(KeptPrice $price): RedirectResponse
    {
        $price->restore();

        return redirect()->route('prices.index')->with('said', "$price->asked for \"$price->name\" is kept again.");
    }

    private function backThere(): RedirectResponse
    {
        return redirect()->back(fallback: route('prices.index'));
    }
}
