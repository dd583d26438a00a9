<?php

return [
    'name' => 'Davrin',
    // What is worked out once and kept is worked out anew by another version: bin/demo names it by the code itself.
    'version' => (string) env('DAVRIN_VERSION', 'dev'),
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1'),
    // Names beside those of this machine that Davrin may be called by, with commas between (README, other machines).
    'hosts' => (string) env('DAVRIN_HOSTS', ''),
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    'key' => env('APP_KEY'),
    'cipher' => 'AES-256-CBC',
];
