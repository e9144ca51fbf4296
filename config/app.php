<?php

declare(strict_types=1);

return [
    'name' => 'Honest Grain',
    // Said at the foot of every page; what is new in it stands in resources/views/help/news.blade.php.
    'version' => '0.30',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8000'),
    // Further names under which the app may be asked, parted by commas.
    'trusted_hosts' => env('TRUSTED_HOSTS', ''),
    // Seconds by which the checks set the clock of the app forward or back; nothing else does.
    'clock_offset' => (int) env('TEST_CLOCK_OFFSET', 0),
    'clock_file' => env('TEST_CLOCK_FILE'),
    // Set where a server has read the files of the core once and for all; null to look at them each time.
    'release' => env('RELEASE'),
    'catalogue' => env('CATALOGUE_CACHE'),
    'timezone' => 'UTC',
    // A folder of lang/; the views' own words are English, and other languages have them in views.php.
    'locale' => env('APP_LOCALE', 'en'),
    'languages' => env('APP_LANGUAGES'),
    'fallback_locale' => 'en',
    'cipher' => 'AES-256-CBC',
    'key' => secret('APP_KEY'),
    // Whoever sends it may read /metrics; without one there is no such page.
    'backups' => [
        'daily' => (bool) env('BACKUP_DAILY', false),
        'folder' => env('BACKUP_PATH', dirname((string) env('PHOTO_PATH', storage_path('photos'))).'/backups'),
    ],
    'metrics_token' => secret('METRICS_TOKEN'),
    'previous_keys' => array_filter(explode(',', (string) env('APP_PREVIOUS_KEYS', ''))),
    'maintenance' => ['driver' => 'file'],
];
