<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'database'),
    'lifetime' => 12 * 60,
    'expire_on_close' => false,
    'encrypt' => false,
    'table' => 'browser_sessions',
    // Never by a request: sessions:prune does it by the clock.
    'lottery' => [0, 100],
    'cookie' => 'gondrik_session',
    'path' => '/',
    'domain' => null,
    // Null: whenever the request is https.
    'secure' => null,
    'http_only' => true,
    'same_site' => 'lax',
];
