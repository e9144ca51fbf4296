<?php

declare(strict_types=1);

namespace App\Pictures;

use Closure;
use Illuminate\Filesystem\FilesystemAdapter;
use Illuminate\Support\Facades\File;
use League\Flysystem\FilesystemException;
use League\Flysystem\StorageAttributes;
use RuntimeException;

/**
 * Where photographs are kept: in a folder, or in object storage that several servers share. A photograph never changes
 * under its name, so that one fetched from there is looked at here for as long as the copy lasts.
 */
final readonly class PhotoStore
{
    /**
     * @param  Closure(): FilesystemAdapter  $disk  asked only when something is to be done there
     * @param  string  $where  what it is called: the folder, or the bucket
     * @param  string  $folder  of photographs where they lie in one; else of the copies
     */
    public function __construct(
        private Closure $disk,
        public string $where,
        private string $folder,
        private bool $isFolder,
    ) {
    }

    /** Takes a file that was made here; it is gone from where it was. */
    public function put(string $file, int $workshop, string $name): void
    {
        $from = fopen($file, 'r') ?: throw new RuntimeException("Cannot read $file");
        try {
            $this->disk()->writeStream(self::key($workshop, $name), $from);
        } finally {
            is_resource($from) && fclose($from);
            File::delete($file);
        }
    }

    /** A file of it on this server; null where there is none. */
    public function file(int $workshop, string $name): ?string
    {
        $path = "$this->folder/".self::key($workshop, $name);
        if (is_file($path)) {
            return $path;
        }

        return $this->isFolder ? null : $this->fetched(self::key($workshop, $name), $path);
    }

    /** @return list<string> the names of all of a workshop */
    public function names(int $workshop): array
    {
        return array_map(
            fn (StorageAttributes $one): string => basename($one->path(), '.jpg'), $this->all($workshop),
        );
    }

    /** How much room all of a workshop take. */
    public function bytes(int $workshop): int
    {
        return array_sum(array_map(
            fn (StorageAttributes $one): int => (int) ($one['fileSize'] ?? $this->disk()->size($one->path())),
            $this->all($workshop),
        ));
    }

    public function forget(int $workshop, string $name): void
    {
        $this->disk()->delete(self::key($workshop, $name));
        $this->isFolder || File::delete("$this->folder/".self::key($workshop, $name));
    }

    public function forgetAll(int $workshop): void
    {
        $this->disk()->deleteDirectory((string) $workshop);
        $this->isFolder || File::deleteDirectory("$this->folder/$workshop");
    }

    /** Whether something can be put there, asked by putting it and taking it away again. */
    public function takes(): bool
    {
        try {
            return $this->disk()->put('asked', 'x') && $this->disk()->delete('asked');
        } catch (FilesystemException) {
            return false;
        }
    }

    /** Clears copies away that nobody has fetched for a while; what is asked for again is fetched again. */
    public function prune(int $olderThan): int
    {
        $cleared = 0;
        foreach (! $this->isFolder && is_dir($this->folder) ? File::allFiles($this->folder) : [] as $file) {
            $cleared += $file->getMTime() < $olderThan && File::delete($file->getPathname()) ? 1 : 0;
        }

        return $cleared;
    }

    /** Whole or not at all: two that fetch it at once do not get in each other's way. */
    private function fetched(string $key, string $to): ?string
    {
        $stream = $this->disk()->exists($key) ? $this->disk()->readStream($key) : null;
        if ($stream === null) {
            return null;
        }
        File::ensureDirectoryExists(dirname($to), 0700);
        $part = tempnam(dirname($to), 'part') ?: throw new RuntimeException("Cannot write $to");
        try {
            file_put_contents($part, $stream);
        } finally {
            is_resource($stream) && fclose($stream);
        }
        rename($part, $to);

        return $to;
    }

    /** @return list<StorageAttributes> */
    private function all(int $workshop): array
    {
        return array_values(array_filter(
            $this->disk()->listContents((string) $workshop)->toArray(),
            fn (StorageAttributes $one): bool => $one->isFile() && str_ends_with($one->path(), '.jpg'),
        ));
    }

    private function disk(): FilesystemAdapter
    {
        return ($this->disk)();
    }

    private static function key(int $workshop, string $name): string
    {
        return "$workshop/$name.jpg";
    }
}
