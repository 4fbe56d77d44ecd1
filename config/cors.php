<?php

declare(strict_types=1);

/* No other origin reads the API from a browser: the page is served from its own. Scripts bring a token and no origin. */
return [
    'paths' => [],
    'allowed_origins' => [],
    'allowed_origins_patterns' => [],
    'allowed_methods' => [],
    'allowed_headers' => [],
    'exposed_headers' => [],
    'max_age' => 0,
    'supports_credentials' => false,
];
