<?php

namespace App\Http;

/** What every answer bears: everything comes from the application itself; nothing inline, nothing evaluated, nothing guessed. */
final class Headers
{
    public const ALL = [
        'Content-Security-Policy' => "default-src 'none'; script-src 'self'; style-src 'self'; font-src 'self'; img-src 'self'; "
            ."connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'",
        'X-Content-Type-Options' => 'nosniff',
        'Referrer-Policy' => 'same-origin',
    ];
}
