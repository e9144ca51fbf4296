<?php

declare(strict_types=1);

namespace App\Planning;

/** What kept routes and drawings depend on besides their input: the core, its catalogue and its words. */
final class Release
{
    /** As it was when the server began, or as it is. */
    public static function current(): string
    {
        return config('app.release') ?? self::read();
    }

    /** By the times of their files. */
    public static function read(): string
    {
        $times = [];
        foreach (['core', 'catalogue', 'lang'] as $folder) {
            $files = new \RecursiveDirectoryIterator(base_path($folder), \FilesystemIterator::SKIP_DOTS);
            foreach (new \RecursiveIteratorIterator($files) as $path => $file) {
                $times[(string) $path] = $file instanceof \SplFileInfo ? $file->getMTime() : 0;
            }
        }
        ksort($times);

        return hash('xxh128', serialize($times));
    }
}
