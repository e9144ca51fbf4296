<?php

declare(strict_types=1);

// Of several processes that run tests at once, each has a database and photographs of its own.

require dirname(__DIR__).'/vendor/autoload.php';

$token = getenv('TEST_TOKEN');
if (is_string($token) && getenv('DB_PORT') !== false) {
    $own = [
        'DB_DATABASE' => getenv('DB_DATABASE')."_$token", 'PHOTO_PATH' => getenv('PHOTO_PATH')."-$token",
    ];
    foreach ($own as $name => $value) {
        putenv("$name=$value");
        $_ENV[$name] = $_SERVER[$name] = $value;
    }
    $server = new PDO(
        'mysql:host='.getenv('DB_HOST').';port='.getenv('DB_PORT'), (string) getenv('DB_USERNAME'),
        (string) getenv('DB_PASSWORD'),
    );
    $server->exec("create database if not exists `$own[DB_DATABASE]` character set utf8mb4");
}
