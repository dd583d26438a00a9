<?php

return [
    'default' => env('LOG_CHANNEL', 'stack'),
    'deprecations' => ['channel' => 'null', 'trace' => false],
    'channels' => [
        // What cannot be written down, as on a full disk, is no reason not to answer.
        'stack' => ['driver' => 'stack', 'channels' => ['single'], 'ignore_exceptions' => true],
    ],
];
