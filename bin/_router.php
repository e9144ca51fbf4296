<?php

declare(strict_types=1);

// What PHP's own server asks for every address: a file of public/ is sent with its type and how long to keep it, all
// else goes to the application.

$path = rawurldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
$public = (string) getcwd();
$types = [
    'css' => 'text/css; charset=utf-8', 'js' => 'text/javascript; charset=utf-8', 'svg' => 'image/svg+xml',
    'woff2' => 'font/woff2', 'woff' => 'font/woff', 'png' => 'image/png', 'json' => 'application/json',
];
$type = $types[pathinfo($path, PATHINFO_EXTENSION)] ?? null;
$file = $type === null || str_contains($path, "\0") ? false : realpath($public.$path);

if ($file !== false && is_file($file) && str_starts_with($file, $public.DIRECTORY_SEPARATOR)) {
    header("Content-Type: $type");
    header('X-Content-Type-Options: nosniff');
    header('Content-Length: '.filesize($file));
    // What the build makes has its contents in its name and never changes.
    header(
        'Cache-Control: '.(str_starts_with($path, '/build/assets/') ? 'public, max-age=31536000, '
            .'immutable' : 'public, max-age=3600'),
    );
    if ($_SERVER['REQUEST_METHOD'] !== 'HEAD') {
        readfile($file);
    }

    return true;
}

require $public.'/index.php';
