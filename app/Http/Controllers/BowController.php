<?php

namespace App\Http\Controllers;

use App\Blanks\Problem;
use App\Blanks\Typed;
use App\Bows\BowPage;
use App\Bows\ShownBow;
use App\Models\KeptBow;
use App\Models\SavedPlan;
use App\Models\ShelfItem;
use App\Settings\House;
use App\Shelf\MaterialFromShelf;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Edit\AddMaterial;
use Davrin\Core\Edit\Edit;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Edit\PutBow;
use Davrin\Core\Edit\RemoveMaterial;
use Davrin\Core\Edit\TakeFromShelf;
use Davrin\Core\Part\PartKind;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Refused;
use Illuminate\Contracts\View\View as Page;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The bow maker. */
final class BowController
{
    private const A_PAGE = 24;

    public function index(Craft $craft): Page
    {
        return view('bows.index', [
            'kinds' => array_map(fn (PartKind $kind): string => $kind->name(), BowPage::kinds($craft)),
            'bows' => KeptBow::query()->orderByDesc('updated_at')->orderByDesc('id')->paginate(self::A_PAGE)
                ->through(fn (KeptBow $bow): ShownBow => new ShownBow($bow)),
            'deleted' => KeptBow::onlyTrashed()->orderByDesc('deleted_at')->limit(12)->get(),
        ]);
    }

    public function store(Request $request, Craft $craft, House $house): RedirectResponse
    {
        $kinds = array_keys(BowPage::kinds($craft));
        $kind = (string) $request->string('kind');

        return redirect()->route('bows.show', KeptBow::begin(in_array($kind, $kinds, true) ? $kind : $kinds[0], $house));
    }

    public function show(Request $request, KeptBow $bow): BowPage
    {
        return new BowPage($bow, (string) $request->string('left'));
    }

    public function update(Request $request, KeptBow $bow): BowPage|RedirectResponse
    {
        $typed = (array) $request->input('set');
        try {
            $bow->change($this->edit($request, $bow, $typed));
        } catch (Refused $refused) {
            return new BowPage($bow->refresh(), (string) $request->string('left'), Problem::of($refused, 422, $typed));
        }

        return redirect()->route('bows.show', [$bow, ...array_filter(['left' => (string) $request->string('left')])]);
    }

    public function undo(KeptBow $bow): RedirectResponse
    {
        $bow->turnBack();

        return redirect()->route('bows.show', $bow);
    }

    /** A copy of it in a plan. */
    public function put(Request $request, KeptBow $bow): RedirectResponse
    {
        $plan = SavedPlan::query()->find($request->integer('plan'));
        if ($plan === null) {
            return back()->with('refused', 'That plan does not hang on the wall any more. Choose another.');
        }
        try {
            $plan->edit(new PutBow($bow->plan()), (int) $plan->revision_id);
        } catch (Refused $refused) {
            return back()->with('refused', "The bow was not put into \"$plan->name\". {$refused->getMessage()}");
        }

        return redirect()->route('plans.show', $plan)->with('said', "A copy of \"$bow->name\" is the last line of this plan now.");
    }

    public function destroy(KeptBow $bow): RedirectResponse
    {
        $bow->delete();

        return redirect()->route('bows.index')->with('takenDown', ['name' => $bow->name, 'restore' => route('bows.restore', $bow->id)]);
    }

    public function restore(KeptBow $bow): RedirectResponse
    {
        $bow->restore();

        return redirect()->route('bows.index')->with('said', "\"$bow->name\" is kept again.");
    }

    /** @param  array<mixed>  $typed */
    private function edit(Request $request, KeptBow $bow, array $typed): Edit
    {
        $id = (string) $request->string('id');

        return match ((string) $request->string('do')) {
            'add-ribbon' => new AddMaterial($bow->plan()->parts[0]->kind->materials()->usualKind() ?? 'ribbon'),
            'remove-ribbon' => new RemoveMaterial($id),
            'take-ribbon' => new TakeFromShelf([$id => MaterialFromShelf::said(
                ShelfItem::query()->find($request->integer('to'))
                    ?? throw Fault::at('/materials', 'That is not on the shelf any more. Choose another.'),
                $bow->plan()->settings->currency(),
            )]),
            default => new FillBlanks(Typed::of($typed)),
        };
    }
}
