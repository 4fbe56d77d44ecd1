<?php

declare(strict_types=1);

$pgsql = [
    'driver' => 'pgsql',
    'host' => env('DB_HOST', '127.0.0.1'),
    'port' => env('DB_PORT'),
    'database' => env('DB_DATABASE'),
    'username' => env('DB_USERNAME', 'gondrik_app'),
    'password' => env('DB_PASSWORD'),
    'charset' => 'utf8',
    'prefix' => '',
    'sslmode' => 'disable',
    'options' => [
        // A statement and its values in one message, there and back.
        PDO::PGSQL_ATTR_DISABLE_PREPARES => true,
        // A worker of the web server keeps its connection from request to request.
        PDO::ATTR_PERSISTENT => (bool) env('DB_PERSISTENT', false),
        PDO::ATTR_TIMEOUT => 5,
    ],
];

return [
    'default' => 'pgsql',
    'connections' => [
        'pgsql' => $pgsql,
        // Ends with the request, and with it the locks that are held through it: app/LongQuestions/Turn.php.
        'turns' => [...$pgsql, 'options' => [...$pgsql['options'], PDO::ATTR_PERSISTENT => false]],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
