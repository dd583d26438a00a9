<?php

namespace App\Http\Controllers;

use App\Blanks\Problem;
use App\Forms\OutlineRefused;
use App\Forms\ShelvedForm;
use App\Forms\SvgOutline;
use App\Http\Requests\ShelfFormRequest;
use App\Models\SavedPlan;
use App\Models\ShelfForm;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Refused;
use Illuminate\Contracts\View\View as Page;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** Forms as they really measure. */
final class ShelfFormController
{
    public function index(): Page
    {
        $forms = ShelfForm::query()->orderByDesc('updated_at')->orderByDesc('id')->paginate(24);

        return view('forms.index', [
            'forms' => $forms->through(fn (ShelfForm $form): ShelvedForm => new ShelvedForm($form)),
            'deleted' => ShelfForm::onlyTrashed()->orderByDesc('deleted_at')->limit(12)->get(),
        ]);
    }

    /** A form from an outline that somebody drew. */
    public function store(Request $request): RedirectResponse
    {
        $file = $request->file('file');
        if ($file === null || is_array($file) || ! $file->isValid()) {
            return back()->with('refused', 'No file came. Choose an SVG file (at most 1 MB) and open it again.');
        }
        try {
            $name = ShelfForm::nameBlank()->read(
                mb_substr(mb_scrub(pathinfo($file->getClientOriginalName(), PATHINFO_FILENAME)), 0, 80),
                null,
            );
        } catch (Refused) {
            $name = ShelfForm::nameBlank()->default();
        }
        try {
            $outline = SvgOutline::read((string) file_get_contents($file->getPathname(), length: SvgOutline::MOST_BYTES + 1));
            $form = new ShelfForm(['name' => $name, 'form' => $outline->written()]);
            $form->form = $form->plan()->formSlip->write();
        } catch (OutlineRefused|Fault $refused) {
            return back()->with(
                'refused',
                sprintf('%s was not opened. %s', mb_scrub($file->getClientOriginalName()), $refused->getMessage()),
            );
        }
        DB::transaction(fn () => $form->save());

        $thinned = $outline->kept() < $outline->drawn
            ? " It was drawn with $outline->drawn points; {$outline->kept()} of them are enough to keep its shape."
            : '';
        $size = $outline->size === null
            ? ' Say how long its longer side really is.'
            : ' It is as large as it was drawn; correct that where it measures otherwise.';

        return redirect()->route('forms.index')->with('said', "\"$form->name\" is on the shelf.$size$thinned");
    }

    public function update(ShelfFormRequest $request, ShelfForm $form): Response|RedirectResponse
    {
        $problem = null;
        try {
            $words = $request->words();
            DB::transaction(function () use ($form, $request, $words): void {
                $form->measure($request->measures());
                $form->update($words);
            });
        } catch (Refused $refused) {
            $problem = Problem::of($refused, 422, $request->measures());
        }
        $shelved = new ShelvedForm($form, $problem);
        if ($request->hasHeader('HX-Request')) {
            return response()->view('components.shelf-form', ['item' => $shelved], $problem->status ?? 200);
        }

        return $problem === null
            ? redirect()->to(route('forms.index')."#form-$form->id")
            : back()->with('refused', "$form->name: $problem->sentence");
    }

    public function undo(ShelfForm $form): RedirectResponse
    {
        $form->turnBack();

        return redirect()->to(route('forms.index')."#form-$form->id");
    }

    public function destroy(ShelfForm $form): RedirectResponse
    {
        $form->delete();

        return redirect()->route('forms.index')->with('takenDown', ['name' => $form->name, 'restore' => route('forms.restore', $form->id)]);
    }

    public function restore(ShelfForm $form): RedirectResponse
    {
        $form->restore();

        return redirect()->route('forms.index')->with('said', "\"$form->name\" is on the shelf again.");
    }

    public function begin(ShelfForm $form): RedirectResponse
    {
        return redirect()->route('plans.show', SavedPlan::start($form->plan(), "begun on $form->name"));
    }

    public function keep(SavedPlan $plan): RedirectResponse
    {
        $form = ShelfForm::keep($plan->plan(), ucfirst($plan->plan()->formKind->name()).' of '.$plan->name);

        return redirect()->route('plans.show', $plan)->with('said', "This form is on the shelf now, as \"$form->name\".");
    }
}
