<?php

declare(strict_types=1);

return [
    'default' => 'daily',
    'channels' => [
        'daily' => ['driver' => 'daily', 'days' => 14, 'permission' => 0o600, 'path' => storage_path('logs/gondrik.log'), 'level' => env('LOG_LEVEL', 'info')],
    ],
];
