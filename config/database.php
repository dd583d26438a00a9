<?php

return [
    'default' => 'sqlite',
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', database_path('davrin.sqlite')),
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
