<?php

declare(strict_types=1);

return [
    'default' => 'pgsql',
    'connections' => [
        'pgsql' => $pgsql = [
            'driver' => 'pgsql',
            'host' => '127.0.0.1',
            'port' => env('NB_DB_PORT', '8421'),
            'database' => env('NB_DB_NAME', 'northbough'),
            'username' => env('NB_DB_USER', 'northbough'),
            'password' => env('NB_DB_PASSWORD', ''),
            'charset' => 'utf8',
            'search_path' => 'public',
            'sslmode' => 'disable',
            // A new authenticated connection costs more than most requests; a statement that is prepared, run and let go of
            // costs three journeys to the server where one that carries its parameters costs one.
            'options' => [PDO::PGSQL_ATTR_DISABLE_PREPARES => true] + (PHP_SAPI === 'cli' ? [] : [PDO::ATTR_PERSISTENT => true]),
        ],
        // Progress of long work is told while its own transaction is still open.
        'progress' => array_replace($pgsql, ['options' => []]),
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
