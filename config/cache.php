<?php

declare(strict_types=1);

return [
    'default' => env('CACHE_STORE', 'file'),
    'stores' => [
        // For several servers that share one database.
        'database' => ['driver' => 'database', 'table' => 'cache', 'lock_table' => 'cache_locks'],
        'redis' => ['driver' => 'redis', 'connection' => 'default', 'lock_connection' => 'default'],
        'array' => ['driver' => 'array'],
        'file' => ['driver' => 'file', 'path' => env('CACHE_PATH', storage_path('framework/cache/data'))],
    ],
    'prefix' => 'honest-grain-',
];
