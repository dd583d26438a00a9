<?php

namespace App\Http\Requests;

use App\Models\ShelfForm;
use Davrin\Core\Edit\ChangeList;
use Davrin\Core\Edit\Edit;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Edit\PlaceTie;
use Davrin\Core\Edit\TakeForm;
use Davrin\Core\Plan\Fault;
use Illuminate\Foundation\Http\FormRequest;

/** An edit as a page sends it: what was typed in which blanks, a layer, mesh, layout or tie to add, take away or move. */
final class EditRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'revision' => ['required', 'integer'],
            'set' => ['required_without:do', 'array', 'max:40'],
            'set.*' => ['nullable', 'string', 'max:400'],
            'do' => ['required_without:set', 'string', 'in:add-layer,remove-layer,layer-earlier,layer-later,add-mesh,remove-mesh,add-ties,remove-ties,place-tie,take-tie,take-form'],
            'id' => ['nullable', 'string', 'max:40'],
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
            'add-layer' => ChangeList::addLayer(),
            'remove-layer' => ChangeList::removeLayer($id),
            'layer-earlier' => ChangeList::moveLayer($id, earlier: true),
            'layer-later' => ChangeList::moveLayer($id, earlier: false),
            'add-mesh' => ChangeList::addMesh(),
            'remove-mesh' => ChangeList::removeMesh($id),
            'add-ties' => ChangeList::addTies(),
            'remove-ties' => ChangeList::removeTies($id),
            'place-tie' => $this->filled('x') && $this->filled('y')
                ? PlaceTie::at($id, $this->float('x'), $this->float('y'))
                : PlaceTie::on($id, (string) $this->input('on'), (string) $this->input('distance')),
            'take-form' => $this->form(),
            'take-tie' => PlaceTie::takeAway($this->integer('id')),
            default => new FillBlanks(array_map(fn (mixed $typed): string => is_string($typed) ? $typed : '', (array) $this->input('set'))),
        };
    }

    private function form(): TakeForm
    {
        $form = ShelfForm::query()->find($this->integer('id')) ?? throw Fault::at('/form', 'That form is not on the shelf any more. Choose another.');

        return new TakeForm($form->name, $form->form);
    }

    public function seen(): int
    {
        return $this->integer('revision');
    }
}
