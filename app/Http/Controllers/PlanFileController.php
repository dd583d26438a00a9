<?php

namespace App\Http\Controllers;

use App\Models\SavedPlan;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\Words\Fault;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

final class PlanFileController
{
    public function open(Request $request, PlanFile $files): RedirectResponse
    {
        $file = $request->file('file');
        if ($file === null || is_array($file) || ! $file->isValid()) {
            return back()->with('refused', 'No file came. Choose a plan file (it ends in .json, at most 1 MB) and open it again.');
        }
        try {
            $plan = $files->read((string) file_get_contents($file->getPathname(), length: PlanFile::MOST_BYTES + 1));
        } catch (Fault $fault) {
            return back()->with(
                'refused',
                sprintf(
                    '%s was not opened. %s%s',
                    $file->getClientOriginalName(),
                    $fault->getMessage(),
                    $fault->pointer === '' ? '' : " (at $fault->pointer)",
                ),
            );
        }

        return redirect()->route('plans.show', SavedPlan::start($plan, 'opened from '.$file->getClientOriginalName()));
    }

    public function save(SavedPlan $plan, PlanFile $files): Response
    {
        $name = Str::slug($plan->name) ?: 'plan';
        try {
            $document = $files->design($plan->plan());
        } catch (Fault) {
            // What cannot be worked out any more is given as it is kept.
            $document = $plan->revision->document;
        }

        return response($document, 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => "attachment; filename=\"$name.davrin.json\"",
        ]);
    }
}
