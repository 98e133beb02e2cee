<?php

declare(strict_types=1);

return [
    'default' => env('QUEUE_CONNECTION', 'long'),
    // What follows from a change, on a connection of its own: tests catch up when they look at it.
    'follow' => env('QUEUE_FOLLOW', env('QUEUE_CONNECTION', 'long')),
    'connections' => [
        'later' => ['driver' => 'null'],
        'sync' => ['driver' => 'sync'],
        // Imports and big reports outlive the usual limits; a job that is retried while it runs would run twice.
        'long' => ['driver' => 'database', 'table' => 'jobs', 'queue' => 'long', 'retry_after' => 3900, 'after_commit' => true],
    ],
    'batching' => ['database' => 'pgsql', 'table' => 'job_batches'],
    'failed' => ['driver' => 'database-uuids', 'database' => 'pgsql', 'table' => 'failed_jobs'],
];
