<?php

declare(strict_types=1);

// Classes that stand in the folder MUTATION_OVER are loaded from there, in place of the core's own.
$loader = require dirname(__DIR__, 2).'/vendor/autoload.php';
spl_autoload_register(static function (string $class): void {
    $file = getenv('MUTATION_OVER').'/'.strtr(substr($class, strlen('HonestGrain\\')), '\\', '/').'.php';
    if (str_starts_with($class, 'HonestGrain\\') && is_file($file)) {
        require $file;
    }
}, prepend: true);

return $loader;
