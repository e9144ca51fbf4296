<?php

declare(strict_types=1);

return [
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'sync' => ['driver' => 'sync'],
        'redis' => [
            'driver' => 'redis', 'connection' => 'default', 'queue' => 'default', 'retry_after' => 120,
            'after_commit' => true,
        ],
        'database' => [
            'driver' => 'database', 'table' => 'jobs', 'queue' => 'default', 'retry_after' => 120,
            'after_commit' => true,
        ],
    ],
    // `php artisan queue:failed` lists them, and `queue:retry` tries one again.
    'failed' => ['driver' => 'database-uuids', 'database' => 'mariadb', 'table' => 'failed_jobs'],
];
