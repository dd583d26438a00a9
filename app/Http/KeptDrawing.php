<?php

namespace App\Http;

use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A drawing that is kept compressed, as an answer that is fetched once: whatever changes it changes its address. */
final class KeptDrawing
{
    /** It brings its own rules, and nothing else. */
    private const ITS_OWN_STYLE = "default-src 'none'; style-src 'unsafe-inline'";

    public static function answer(Request $request, string $compressed): Response
    {
        $asItIs = in_array('gzip', $request->getEncodings(), true);

        return response($asItIs ? $compressed : (string) gzdecode($compressed), 200, [
            'Content-Type' => 'image/svg+xml',
            'Content-Security-Policy' => self::ITS_OWN_STYLE,
            'Cache-Control' => 'private, max-age=31536000, immutable',
            'Vary' => 'Accept-Encoding',
            ...($asItIs ? ['Content-Encoding' => 'gzip'] : []),
        ]);
    }
}
