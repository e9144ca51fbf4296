<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'file'),
    'lifetime' => (int) env('SESSION_LIFETIME', 720),
    'expire_on_close' => false,
    'encrypt' => true,
    'files' => env('SESSION_PATH', storage_path('framework/sessions')),
    // Of several servers that share no folder: `database`, or `redis`.
    'table' => 'sessions',
    'connection' => env('SESSION_DRIVER') === 'redis' ? 'sessions' : null,
    'store' => null,
    'lottery' => [2, 100],
    'cookie' => 'honest_grain_session',
    'path' => '/',
    'domain' => null,
    // True wherever the app is served over TLS; the start command serves plain HTTP on loopback.
    'secure' => (bool) env('SESSION_SECURE_COOKIE', false),
    'http_only' => true,
    'same_site' => 'lax',
];
