<?php

declare(strict_types=1);

return [
    'driver' => 'database',
    'lifetime' => 60 * 24 * 14,
    'expire_on_close' => false,
    'encrypt' => false,
    'connection' => null,
    'table' => 'sessions',
    'store' => null,
    'lottery' => [2, 1000],
    'cookie' => 'north_bough_session',
    'path' => '/',
    'domain' => null,
    'secure' => env('NB_SECURE_COOKIE', false),
    'http_only' => true,
    'same_site' => 'lax',
    'partitioned' => false,
];
