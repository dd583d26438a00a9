<?php

namespace App\Http\Controllers;

use App\Blanks\Problem;
use App\Blanks\Typed;
use App\Models\SavedPlan;
use App\Models\SuggestSearch;
use App\Settings\House;
use App\Suggest\FromTheShelf;
use App\Suggest\SuggestPage;
use Davrin\Core\Suggest\Wishes;
use Davrin\Core\Words\Refused;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What can I make? */
final readonly class SuggestController
{
    public function __construct(private House $house) {}

    public function index(): Response
    {
        return $this->page(SuggestPage::blank($this->house));
    }

    /** Begins to look; the first answers are there at once. */
    public function begin(Request $request): Response|RedirectResponse
    {
        $typed = (array) $request->input('set');
        $form = (string) $request->string('form');
        $form = isset(FromTheShelf::forms()[$form]) ? $form : 'usual';
        $only = array_values(array_unique(array_filter(
            array_map(fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, (array) $request->input('only')),
            fn (int $id): bool => $id > 0,
        )));
        try {
            $wishes = Wishes::read([], $this->house->currency())->filled(Typed::of($typed), $this->house->units());
            $search = SuggestSearch::begin($wishes, $form, $only, FromTheShelf::given($this->house, $form, $only));
        } catch (Refused $refused) {
            return $this->page(SuggestPage::blank($this->house, Problem::of($refused, 422, $typed), $form, $only), 422);
        }
        $search->goOn();

        return redirect()->route('suggest.show', $search);
    }

    public function show(SuggestSearch $search): Response
    {
        return $this->page(SuggestPage::of($search, $this->house));
    }

    public function step(Request $request, SuggestSearch $search): Response|RedirectResponse
    {
        $search->goOn();

        return $request->hasHeader('HX-Request')
            ? $this->page(SuggestPage::of($search, $this->house))
            : redirect()->route('suggest.show', $search);
    }

    public function stop(SuggestSearch $search): RedirectResponse
    {
        $search->stop();

        return redirect()->route('suggest.show', $search);
    }

    /** Opens one of them as a plan. */
    public function open(Request $request, SuggestSearch $search): RedirectResponse
    {
        $found = $search->ranking()->shown(PHP_INT_MAX);
        $its = $found[$request->integer('number', -1)] ?? null;
        try {
            $plan = $its === null ? null : $search->search()->plan($its);
        } catch (Refused) {
            $plan = null;
        }

        return $plan === null
            ? redirect()->route('suggest.show', $search)->with('refused', 'That is not among what was found any more. Choose another.')
            : redirect()->route('plans.show', SavedPlan::start($plan, 'suggested'));
    }

    private function page(SuggestPage $page, int $status = 200): Response
    {
        return response()->view('suggest.show', [
            'page' => $page,
            'forms' => FromTheShelf::forms(),
            'meshes' => FromTheShelf::meshes(),
        ], $status);
    }
}
