<?php

declare(strict_types=1);

return [
    'default' => env('LOG_CHANNEL', 'daily'),
    'deprecations' => ['channel' => 'null', 'trace' => false],
    'channels' => [
        // A file a day, two weeks kept, for nobody else on the machine to read.
        'daily' => [
            'driver' => 'daily', 'path' => storage_path('logs/laravel.log'), 'level' => env('LOG_LEVEL', 'debug'),
            'days' => 14,
            'permission' => 0600,
        ],
        'single' => [
            'driver' => 'single', 'path' => storage_path('logs/laravel.log'), 'level' => env('LOG_LEVEL', 'debug'),
            'permission' => 0600,
        ],
        // Letters, where no server for outgoing mail is named.
        'mail' => [
            'driver' => 'daily', 'path' => storage_path('logs/mail.log'), 'level' => 'debug', 'days' => 14,
            'permission' => 0600,
        ],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
        'emergency' => ['path' => storage_path('logs/laravel.log')],
    ],
];
