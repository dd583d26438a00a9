<?php

namespace App\Http\Controllers;

use App\Models\PlanRevision;
use App\Models\SavedPlan;
use App\Plans\Cards;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** How a plan's form looked after a step: drawn once, and fetched once, as its address names the step and the version that drew it. */
final class PlanPictureController
{
    /** It brings its own rules, and nothing else. */
    private const ITS_OWN_STYLE = "default-src 'none'; style-src 'unsafe-inline'";

    public function __invoke(Request $request, SavedPlan $plan, PlanRevision $step, Cards $cards): Response
    {
        $picture = $cards->picture($step);
        if ($picture === null) {
            return response()->view('plans.picture-failed', [], 200, ['Content-Type' => 'image/svg+xml', 'Cache-Control' => 'no-store']);
        }
        $compressed = in_array('gzip', $request->getEncodings(), true);

        return response($compressed ? $picture : (string) gzdecode($picture), 200, [
            'Content-Type' => 'image/svg+xml',
            'Content-Security-Policy' => self::ITS_OWN_STYLE,
            'Cache-Control' => 'private, max-age=31536000, immutable',
            'Vary' => 'Accept-Encoding',
            ...($compressed ? ['Content-Encoding' => 'gzip'] : []),
        ]);
    }
}
