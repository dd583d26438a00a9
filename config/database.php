<?php

// A relative name starts at Davrin's folder, whichever folder a command or the server is run in.
$database = (string) env('DB_DATABASE', 'database/davrin.sqlite');

return [
    'default' => 'sqlite',
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => $database === ':memory:' || str_starts_with($database, '/') ? $database : base_path($database),
            'prefix' => '',
            'foreign_key_constraints' => true,
            'busy_timeout' => (int) env('DB_BUSY_TIMEOUT', 6000),
            'journal_mode' => 'WAL',
            'synchronous' => 'FULL',
            // Every transaction takes the write lock at its start: App\Database\ImmediatePdo.
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
