<?php

namespace App\Http\Requests;

use Davrin\Core\Edit\ChangeList;
use Davrin\Core\Edit\Edit;
use Davrin\Core\Edit\FillBlanks;
use Illuminate\Foundation\Http\FormRequest;

/** An edit as a page sends it: what was typed in which blanks, or a layer, mesh or layout to add, take away or move. */
final class EditRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'revision' => ['required', 'integer'],
            'set' => ['required_without:do', 'array', 'max:40'],
            'set.*' => ['nullable', 'string', 'max:400'],
            'do' => ['required_without:set', 'string', 'in:add-layer,remove-layer,layer-earlier,layer-later,add-mesh,remove-mesh,add-ties,remove-ties'],
            'id' => ['nullable', 'string', 'max:40'],
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
            default => new FillBlanks(array_map(fn (mixed $typed): string => is_string($typed) ? $typed : '', (array) $this->input('set'))),
        };
    }

    public function seen(): int
    {
        return $this->integer('revision');
    }
}
