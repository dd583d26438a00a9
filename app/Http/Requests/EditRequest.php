<?php

namespace App\Http\Requests;

use App\Blanks\Typed;
use App\Models\SavedPlan;
use App\Models\ShelfForm;
use App\Models\ShelfItem;
use App\Shelf\MaterialFromShelf;
use Closure;
use Davrin\Core\Edit\AddMaterial;
use Davrin\Core\Edit\AddPart;
use Davrin\Core\Edit\AddTies;
use Davrin\Core\Edit\Edit;
use Davrin\Core\Edit\ExchangeMaterials;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Edit\MovePart;
use Davrin\Core\Edit\PaintTie;
use Davrin\Core\Edit\PartLots;
use Davrin\Core\Edit\PlaceThing;
use Davrin\Core\Edit\PlaceTie;
use Davrin\Core\Edit\RemoveMaterial;
use Davrin\Core\Edit\RemovePart;
use Davrin\Core\Edit\RemoveTies;
use Davrin\Core\Edit\TakeForm;
use Davrin\Core\Edit\TakeFromShelf;
use Davrin\Core\Geometry\Point;
use Davrin\Core\Material\Kind\Ribbon;
use Davrin\Core\Part\LoopedBow\LoopedBow;
use Davrin\Core\Part\OwnStep\OwnStep;
use Davrin\Core\Part\Picks\Picks;
use Davrin\Core\Part\RibbonTails\RibbonTails;
use Davrin\Core\Part\Sign\Sign;
use Davrin\Core\Words\Fault;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Arr;
use Illuminate\Validation\Rule;
use LogicException;

/** An edit as a page sends it: what was typed in which blanks, a part, mesh, layout or tie to add, take away or move. */
final class EditRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'revision' => ['required', 'integer'],
            'set' => ['required_without:do', 'array', 'max:40'],
            // A blank that is written in several fields comes as entries of fields.
            'set.*' => [
                'nullable',
                fn (string $set, mixed $typed, Closure $fail) => $this->isTyped($typed)
                    ?: $fail('What was typed is too long, or not text. Load the page again.'),
            ],
            'do' => [
                'required_without:set',
                'string',
                Rule::in([
                    'add-part', 'remove-part', 'part-earlier', 'part-later', 'add-mesh', 'add-ribbon', 'add-tails', 'add-bow',
                    'add-sign', 'add-extra', 'add-step',
                    'remove-material',
                    'add-ties',
                    'remove-ties', 'place-tie', 'take-tie', 'place-thing',
                    'take-form', 'take-material', 'take-materials', 'part-lots', 'paint',
                    'exchange',
                ]),
            ],
            'id' => ['nullable', 'string', 'max:400'],
            'to' => ['nullable', 'string', 'max:40'],
            'x' => ['nullable', 'numeric', 'between:-500,500'],
            'y' => ['nullable', 'numeric', 'between:-500,500'],
            'on' => ['nullable', 'string', 'max:40'],
            'distance' => ['nullable', 'string', 'max:80'],
        ];
    }

    public function edit(): Edit
    {
        $id = (string) $this->input('id');

        return match ($this->input('do')) {
            'add-part' => new AddPart,
            'add-tails' => new AddPart(['kind' => RibbonTails::KEY]),
            'add-extra' => new AddPart(['kind' => Picks::KEY]),
            'add-step' => new AddPart(['kind' => OwnStep::KEY]),
            'add-sign' => new AddPart(['kind' => Sign::KEY]),
            'add-bow' => new AddPart(['kind' => LoopedBow::KEY]),
            'remove-part' => new RemovePart(...explode(',', $id)),
            'part-earlier' => new MovePart($id, earlier: true),
            'part-later' => new MovePart($id, earlier: false),
            'add-mesh' => new AddMaterial,
            'add-ribbon' => new AddMaterial(Ribbon::KEY),
            'remove-material' => new RemoveMaterial($id),
            'add-ties' => new AddTies,
            'remove-ties' => new RemoveTies($id),
            'place-tie' => $this->filled('x') && $this->filled('y')
                ? PlaceTie::at($id, $this->float('x'), $this->float('y'))
                : PlaceTie::on($id, (string) $this->input('on'), (string) $this->input('distance')),
            'place-thing' => new PlaceThing($id, $this->integer('to'), new Point($this->float('x'), $this->float('y'))),
            'take-form' => $this->form(),
            'take-material' => new TakeFromShelf([$id => MaterialFromShelf::written($this->shelfItem($id), $this->savedPlan())]),
            'take-materials' => MaterialFromShelf::anew($this->savedPlan()->plan(), $this->savedPlan()) ?? throw Fault::at(
                '/materials',
                'The plan has what is on the shelf already.',
            ),
            'part-lots' => PartLots::of($id),
            'paint' => PaintTie::with($this->integer('id'), (string) $this->input('to')),
            'exchange' => ExchangeMaterials::of($id, (string) $this->input('to')),
            'take-tie' => PlaceTie::takeAway($this->integer('id')),
            default => new FillBlanks(Typed::of((array) $this->input('set'))),
        };
    }

    private function isTyped(mixed $typed): bool
    {
        $flat = Arr::flatten([$typed]);

        return count($flat) <= 40
            && array_filter($flat, fn (mixed $field): bool => $field !== null && (! is_string($field) || mb_strlen($field) > 400)) === [];
    }

    private function form(): TakeForm
    {
        $form = ShelfForm::query()->find($this->integer('id')) ?? throw Fault::at(
            '/form',
            'That form is not on the shelf any more. Choose another.',
        );

        return new TakeForm($form->name, $form->formIn($this->savedPlan()->plan()->settings->currency()));
    }

    /** Of the kind that the material is. */
    private function shelfItem(string $material): ShelfItem
    {
        $kind = ($this->savedPlan()->plan()->materials->all[$material] ?? throw Fault::noBlank("materials.$material"))->kind->key();

        return ShelfItem::query()->where('ware', $kind)->find($this->integer('to')) ?? throw Fault::at(
            '/materials',
            'That is not on the shelf any more. Choose another.',
        );
    }

    private function savedPlan(): SavedPlan
    {
        $plan = $this->route('plan');

        return $plan instanceof SavedPlan ? $plan : throw new LogicException('An edit is of a plan.');
    }

    public function seen(): int
    {
        return $this->integer('revision');
    }
}
