<?php

namespace App\Http\Controllers;

use App\Batch\Choosing;
use App\Models\CutBatch;
use App\Shelf\CutOff;
use Illuminate\Contracts\View\View as Page;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Plans that are cut together, from the moment their cutting is begun. */
final class CutBatchController
{
    use ShowsCutSheet;

    public function begin(Request $request): RedirectResponse
    {
        $choosing = Choosing::of($request->input('copies'));
        if ($choosing->chosen === []) {
            return redirect()->route('together')->with('said', 'Choose a plan or two first: say how many of each are made.');
        }
        $batch = CutBatch::of($choosing->chosen, $choosing->copies);
        // Too much is refused before it is kept.
        $batch->worked();
        $batch->save();

        return redirect()->route('batches.show', $batch);
    }

    public function show(Request $request, CutBatch $batch): Page
    {
        return $this->page($request, $batch)->with('changed', $batch->changed());
    }

    public function tick(Request $request, CutBatch $batch): RedirectResponse|Response
    {
        return $this->ticked($request, $batch);
    }

    public function pdf(Request $request, CutBatch $batch): Response
    {
        return $this->paper($request, $batch, "cut-together-$batch->id.pdf");
    }

    public function labels(CutBatch $batch): RedirectResponse
    {
        return $this->labelled($batch);
    }

    public function work(Request $request, CutBatch $batch): RedirectResponse
    {
        $asked = $this->unlessAllIsTicked($request, $batch);
        if ($asked !== null) {
            return $asked;
        }
        CutOff::ofBatch($batch);

        return $this->worked($batch);
    }

    public function undo(CutBatch $batch): RedirectResponse
    {
        return $this->undone($batch, CutOff::undo($batch));
    }

    public function destroy(CutBatch $batch): RedirectResponse
    {
        $batch->delete();

        return redirect()->route('together')->with('takenDown', ['name' => $batch->name, 'restore' => route('batches.restore', $batch)]);
    }

    public function restore(CutBatch $batch): RedirectResponse
    {
        $batch->restore();

        return redirect()->route('batches.show', $batch)->with('said', 'Here it is again, as it was.');
    }
}
