<?php

namespace App\Http\Controllers;

use App\Devices\PlayedScale;
use Davrin\Core\Measure\Weight;
use Illuminate\Contracts\View\View as Page;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Plays the scale that is not connected. */
final class ScaleController
{
    public function show(PlayedScale $scale): Page
    {
        return view('shelf.scale', ['lies' => $scale->lies()]);
    }

    public function lay(Request $request, PlayedScale $scale): RedirectResponse
    {
        $state = (string) $request->input('state');
        $scale->lay(Weight::read((string) $request->input('weight')), isset(PlayedScale::STATES[$state]) ? $state : 'steady');

        return redirect()->route('scale.show');
    }
}
