<?php

namespace App\Http\Controllers;

use App\Models\Photograph;
use App\Models\SavedPlan;
use App\Photos\CleanPhoto;
use App\Photos\PhotoRefused;
use App\Shelf\NearestColour;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;

/** The colours of a plan from what inspired it: a photograph of the sign, a ribbon or the room. */
final class InspirationController
{
    private const KINDS = ['mesh' => ['mesh', 'tulle', 'tubing'], 'ribbon' => ['ribbon', 'cord']];

    public function show(SavedPlan $plan): View
    {
        $photo = $this->photo($plan);
        $nearest = $photo === null ? [] : NearestColour::toEach(array_column($photo->colours, 'colour'), self::KINDS);
        $wound = [];
        foreach ($plan->plan()->wound() as $its) {
            $wound[$its->kind->key()][$its->id] = $its->name();
        }

        return view('whole.inspiration', [
            'saved' => $plan,
            'photo' => $photo,
            'nearest' => $nearest,
            'wound' => $wound,
            'mayChange' => ! $plan->isReady() && $plan->cut_at === null,
        ]);
    }

    public function store(Request $request, SavedPlan $plan): RedirectResponse
    {
        $file = $request->file('photograph');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            return back()->withErrors(['photograph' => $request->hasFile('photograph') || $file !== null
                ? PhotoRefused::tooLarge(CleanPhoto::MOST_BYTES)->getMessage()
                : 'No photograph was chosen. Choose one first.']);
        }
        try {
            $clean = CleanPhoto::of((string) file_get_contents($file->getPathname(), length: CleanPhoto::MOST_BYTES + 1));
        } catch (PhotoRefused $refused) {
            return back()->withErrors(['photograph' => $refused->getMessage()]);
        }
        Photograph::keep($plan, $clean);

        return redirect()->route('plans.inspiration', $plan);
    }

    public function picture(SavedPlan $plan): Response
    {
        $photo = $this->photo($plan) ?? abort(404);

        return response($photo->jpeg, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, no-cache']);
    }

    public function destroy(SavedPlan $plan): RedirectResponse
    {
        $this->photo($plan)?->delete();

        return redirect()->route('plans.inspiration', $plan);
    }

    private function photo(SavedPlan $plan): ?Photograph
    {
        return Photograph::query()->where('plan_id', $plan->id)->first();
    }
}
