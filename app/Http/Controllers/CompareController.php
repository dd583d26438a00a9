<?php

namespace App\Http\Controllers;

use App\Compare\Comparing;
use App\Settings\House;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** Two to four plans side by side. */
final class CompareController
{
    public function __invoke(Request $request, House $house): View
    {
        $sought = trim(mb_substr((string) $request->string('q'), 0, 80));

        return view('plans.compare', ['comparing' => Comparing::of($request->query('plans'), $sought, $house), 'sought' => $sought]);
    }
}
