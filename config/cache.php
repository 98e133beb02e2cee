<?php

declare(strict_types=1);

return [
    'default' => 'database',
    'stores' => [
        'database' => ['driver' => 'database', 'table' => 'cache', 'lock_table' => 'cache_locks', 'connection' => null,
            'lock_connection' => null],
        'array' => ['driver' => 'array', 'serialize' => false],
    ],
    'prefix' => 'nb:',
];
