<?php

declare(strict_types=1);

return [
    'default' => 'files',
    'disks' => [
        'files' => ['driver' => 'local', 'root' => storage_path('app/files'), 'throw' => true],
        'uploads' => ['driver' => 'local', 'root' => storage_path('app/uploads'), 'throw' => true],
    ],
];
