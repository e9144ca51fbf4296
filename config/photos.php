<?php

declare(strict_types=1);

// Where photographs of pieces are kept, and how large they may come and are kept.
return [
    'path' => env('PHOTO_PATH', storage_path('app/photos')),
    'most_kilobytes' => 12_000,
    'most_pixels_a_side' => 9_000,
    'kept_pixels_a_side' => 1_600,
];
