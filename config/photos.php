<?php

declare(strict_types=1);

// Where photographs are kept, how large they may come, what decoding one may cost, and how they are kept. The server
// takes a little more than `most_kilobytes` (deploy/templates/fpm.conf), so that what is too large is said in words.
return [
    'path' => env('PHOTO_PATH', storage_path('app/photos')),
    'most_kilobytes' => 12_000,
    'most_megapixels' => 64,
    'kept_pixels_a_side' => 1_600,
    'most_megabytes_a_workshop' => 500,
    'decoding' => ['seconds' => 10, 'megabytes' => 1_400, 'at_once' => 2],
];
