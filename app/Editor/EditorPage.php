<?php

namespace App\Editor;

use App\Blanks\Problem;
use App\Cut\SinceCut;
use App\Drawing\FormDrawing;
use App\Drawing\RollShelf;
use App\Models\Build;
use App\Models\Photograph;
use App\Models\SavedPlan;
use App\Models\ShelfForm;
use App\Models\ShelfItem;
use App\Plans\Cards;
use App\Shelf\MaterialFromShelf;
use App\Shelf\ShelfRemedies;
use Davrin\Core\Edit\PaintTie;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Engine\Thoroughness;
use Davrin\Core\Material\Material;
use Davrin\Core\Material\Wound;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Recipe\Recipe;
use Davrin\Core\Result\Advice;
use Davrin\Core\Result\Result;
use Davrin\Core\Ties\TieGroup;
use Illuminate\Contracts\Support\Responsable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** The plan editor as a response: the whole page, or for a live request only what changes in it. */
final readonly class EditorPage implements Responsable
{
    /** No more of a kind is offered from the shelf than this. */
    private const MOST_OFFERED = 60;

    /** @param  list<string>  $lost what of the plan did not fit any more after the last edit */
    public function __construct(private SavedPlan $saved, private View $view, private ?Problem $problem = null, private array $lost = []) {}

    /** @return ?list<string> what differs from what was cut; null where the plan is as it was then, or was not cut */
    private function sinceCut(Result $now): ?array
    {
        return $this->saved->isChangedSinceCut() ? SinceCut::of(app(Engine::class)->figures($this->saved->planOnSheet()), $now) : null;
    }

    /** @return array<string, array<int, array{string, string}>> what lies on the shelf, by the kind of material: names and widths by id */
    private static function onShelf(Plan $plan): array
    {
        $kinds = array_unique(array_map(fn (Material $material): string => $material->kind->key(), $plan->materials->all));
        $there = [];
        foreach ($kinds as $kind) {
            /** @var ShelfItem $item */
            foreach (self::ofKind($kind) as $item) {
                $there[$kind][$item->id] = [$item->name, $item->widthWords()];
            }
        }

        return $there;
    }

    /** @return Collection<int, ShelfItem> */
    private static function ofKind(string $kind): Collection
    {
        return ShelfItem::query()->where('ware', $kind)->whereNull('archived_at')->orderBy('name')->limit(self::MOST_OFFERED)
            ->get(['id', 'name', 'width']);
    }

    /** @param  Request  $request */
    public function toResponse($request): Response
    {
        $plan = $this->saved->plan();
        $how = $request->boolean('thorough') ? Thoroughness::Thorough : Thoroughness::AtOnce;
        $result = app(Engine::class)->work($plan, how: $how);
        $looksOn = $how === Thoroughness::AtOnce
            && array_filter($result->advice, fn (Advice $advice): bool => $advice->rule === Engine::CUT_SHORT) !== [];
        // Where remedies are still looked for, those from the shelf come with them.
        $result = $looksOn ? $result : app(ShelfRemedies::class)->added($this->saved, $result);
        // The wall tells of it what was worked out here; nobody waits for that to be written.
        app()->terminating(fn () => app(Cards::class)->keep($this->saved->revision, $result));
        // Layouts that are made tie by tie; a click on the form goes to the first.
        $free = array_values(array_filter($plan->ties->groups, fn (TieGroup $group): bool => $group->isFree()));
        $places = [];
        foreach ($free === [] ? [] : $plan->form->frame->everySeat() as $seat) {
            $places[$seat->key()] = $plan->form->names->of($seat);
        }
        // Ties are painted with what makes a base; ribbon has a sentence of its own.
        $brushes = array_values(array_filter($plan->wound(), fn (Wound $mesh): bool => $mesh->wound->makesABase()));
        $shared = ['saved' => $this->saved, 'view' => $this->view];
        $builds = Build::underWay($this->saved)->get();

        return response()->view($request->hasHeader('HX-Request') ? 'editor.index' : 'editor.page', $shared + [
            'regions' => $this->problem === null ? Regions::shownBy($request, $shared) : Regions::all($shared),
            'plan' => $plan,
            'result' => $result,
            'recipe' => Recipe::of($plan, $result),
            'facts' => Facts::of($plan, $result),
            'drawing' => new FormDrawing(
                $plan,
                $result,
                $this->view->side,
                $this->view->mesh,
                photo: Photograph::address($this->saved),
            ),
            'shelf' => new RollShelf($plan, $result),
            'onShelf' => self::onShelf($plan),
            // What its builds hold is not free for it, and is no news.
            'changed' => $this->saved->isReady() || $this->saved->cut_at !== null || $builds->isNotEmpty()
                ? []
                : MaterialFromShelf::changed($this->saved),
            'builds' => $builds,
            'benchHolds' => $builds->first()?->holdsWords(),
            'shelfForms' => ShelfForm::query()->orderBy('name')->limit(60)->pluck('name', 'id')->all(),
            'places' => $places,
            'free' => $free[0]->id ?? null,
            'litIsFree' => array_filter(
                $free,
                fn (TieGroup $group): bool => $this->view->tie !== null && $group->has($this->view->tie),
            ) !== [],
            'paints' => array_filter($plan->parts, fn (Part $part): bool => $part->kind->materials()->variesByTie) !== []
                && count($brushes) > 1,
            'brushes' => $brushes,
            'litPaints' => $this->view->tie === null ? null : PaintTie::partOn($plan, $this->view->tie),
            'looksOn' => $looksOn,
            'sinceCut' => $this->sinceCut($result),
            'toBuy' => $this->saved->isReady() ? $result->toBuy() : [],
            'problem' => $this->problem,
            'lost' => $this->lost === [] ? (array) $request->session()->get('lost', []) : $this->lost,
            'undo' => $this->saved->revision->before_id === null ? null : $this->saved->revision,
            'redo' => $this->saved->following(),
        ], $this->problem->status ?? 200)->header('Vary', 'HX-Request');
    }
}
