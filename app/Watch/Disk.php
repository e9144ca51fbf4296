<?php

declare(strict_types=1);

namespace App\Watch;

/** The room there is where things are kept. */
final class Disk
{
    /** With less than this nothing more is taken on: a database without room stands still. */
    public const LEAST_BYTES = 50_000_000;

    /** A folder that is not made yet lies where it will be made; zero where nothing can be told. */
    public static function free(string $folder): float
    {
        while (! is_dir($folder) && dirname($folder) !== $folder) {
            $folder = dirname($folder);
        }
        $free = @disk_free_space($folder);

        return $free === false ? 0.0 : $free;
    }

    public static function isWritable(string $folder): bool
    {
        return (is_dir($folder) || @mkdir($folder, 0700, true)) && is_writable($folder);
    }
}
