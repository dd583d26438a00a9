<?php

namespace App\Http\Controllers;

use App\Batch\Choosing;
use App\Models\CutBatch;
use Davrin\Core\Cut\CutOrder;
use Davrin\Core\Words\Refused;
use Illuminate\Contracts\View\View as Page;
use Illuminate\Http\Request;

/** Several plans, or several of one, laid on the rolls together before any of them is cut. */
final class TogetherController
{
    public function __invoke(Request $request): Page
    {
        $sought = trim(mb_substr((string) $request->string('q'), 0, 80));
        $choosing = Choosing::of($request->query('copies'), $sought);
        $batch = $choosing->chosen === [] ? null : CutBatch::of($choosing->chosen, $choosing->copies);
        [$page, $refused] = [null, null];
        try {
            $page = $batch?->sheet(CutOrder::ByColour, false);
        } catch (Refused $why) {
            $refused = $why->getMessage();
        }

        return view(
            'together.index',
            [
                'choosing' => $choosing,
                'sought' => $sought,
                'together' => $batch,
                'page' => $page,
                'refused' => $refused,
                'begun' => CutBatch::query()->latest('id')->limit(12)->get(),
            ],
        );
    }
}
