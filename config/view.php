<?php

declare(strict_types=1);

return [
    'paths' => [resource_path('views')],
    'compiled' => env('VIEWS_COMPILED', realpath(storage_path('framework/views'))),
    // A server that has made the pages once does not look whether one has changed.
    'check_cache_timestamps' => (bool) env('VIEWS_CHANGE', true),
];
