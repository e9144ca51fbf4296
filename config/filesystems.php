<?php

declare(strict_types=1);

return [
    'default' => 'local',
    // A folder (PHOTO_PATH), or `objects`: storage that several servers share.
    'photographs' => env('PHOTO_DISK', 'folder'),
    'disks' => [
        // Nothing in it is served: a piece's files are made when they are asked for.
        'folder' => [
            'driver' => 'local', 'serve' => false, 'throw' => true,
            'permissions' => ['file' => ['private' => 0600], 'dir' => ['private' => 0700]], 'visibility' => 'private',
            'directory_visibility' => 'private',
        ],
        'objects' => [
            'driver' => 's3', 'key' => env('PHOTO_KEY'), 'secret' => secret('PHOTO_SECRET'),
            'region' => env('PHOTO_REGION', 'us-east-1'), 'bucket' => env('PHOTO_BUCKET'),
            'endpoint' => env('PHOTO_ENDPOINT'), 'use_path_style_endpoint' => true, 'throw' => true,
            // None of them answers for ever.
            'http' => ['connect_timeout' => 2, 'timeout' => 10], 'retries' => 1,
            'request_checksum_calculation' => 'when_required', 'response_checksum_validation' => 'when_required',
        ],
        'local' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false, 'throw' => true],
    ],
    'links' => [],
];
