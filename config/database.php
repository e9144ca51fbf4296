<?php

declare(strict_types=1);

return [
    'default' => 'mariadb',
    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '3306'),
            'unix_socket' => env('DB_SOCKET', ''),
            'database' => env('DB_DATABASE', 'honest_grain'),
            'username' => env('DB_USERNAME', 'honest_grain'),
            'password' => secret('DB_PASSWORD') ?? '',
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_unicode_ci',
            'prefix' => '',
            'strict' => true,
            'engine' => 'InnoDB',
            'timezone' => '+00:00',
            // A database that does not answer is gone after two seconds; the checks on a busy machine wait longer.
            'options' => [PDO::ATTR_TIMEOUT => (int) env('DB_ANSWER_SECONDS', 2), PDO::ATTR_EMULATE_PREPARES => true],
        ],
    ],
    'redis' => [
        'client' => 'predis',
        'default' => [
            'host' => env('REDIS_HOST', '127.0.0.1'), 'port' => env('REDIS_PORT', '6379'),
            'username' => env('REDIS_USERNAME'), 'password' => secret('REDIS_PASSWORD'), 'database' => 0,
        ],
        'sessions' => [
            'host' => env('REDIS_HOST', '127.0.0.1'), 'port' => env('REDIS_PORT', '6379'),
            'username' => env('REDIS_USERNAME'), 'password' => secret('REDIS_PASSWORD'), 'database' => 1,
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
