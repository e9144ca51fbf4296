<?php

declare(strict_types=1);

// Letters are written into the log until a server for outgoing mail is named (MAIL_MAILER=smtp and the rest).
return [
    'default' => env('MAIL_MAILER', 'log'),
    'mailers' => [
        'log' => ['transport' => 'log', 'channel' => 'mail'],
        'array' => ['transport' => 'array'],
        'smtp' => [
            'transport' => 'smtp',
            // smtps for a port that is encrypted from the start (465); else STARTTLS is used where it is offered.
            'scheme' => env('MAIL_SCHEME'),
            'host' => env('MAIL_HOST', '127.0.0.1'),
            'port' => (int) env('MAIL_PORT', 587),
            'username' => env('MAIL_USERNAME'),
            'password' => secret('MAIL_PASSWORD'),
            'timeout' => 10,
            'require_tls' => (bool) env('MAIL_REQUIRE_TLS', false),
        ],
    ],
    'from' => [
        'address' => env('MAIL_FROM', 'shop@localhost.localdomain'), 'name' => env('MAIL_FROM_NAME', 'Honest Grain'),
    ],
];
