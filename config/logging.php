<?php

declare(strict_types=1);

/* One file, turned by size by the upkeep of setup/. A log that cannot be written (a full disk) breaks no answer. */
return [
    'default' => 'stack',
    'channels' => [
        'stack' => ['driver' => 'stack', 'channels' => ['file'], 'ignore_exceptions' => true],
        'file' => ['driver' => 'single', 'permission' => 0o600, 'path' => env('GONDRIK_LOG', storage_path('logs/gondrik.log')), 'level' => env('LOG_LEVEL', 'info')],
    ],
];
