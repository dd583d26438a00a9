<?php

return [
    'driver' => env('SESSION_DRIVER', 'files'),
    'files' => storage_path('framework/sessions'),
    'lifetime' => 60 * 24 * 7,
    'cookie' => 'davrin_session',
    'secure' => (bool) env('SESSION_SECURE_COOKIE', false),
    'http_only' => true,
    'same_site' => 'lax',
];
