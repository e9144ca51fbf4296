<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Pictures\PhotoStore;
use Illuminate\Cache\DatabaseStore;
use Illuminate\Cache\FileStore;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** Clears what was kept for a time that is over: a cache in files or in the database drops it only when it is asked. */
class PruneKept extends Command
{
    /** A kept file begins with the second at which it ends. */
    private const SECOND_DIGITS = 10;

    protected $signature = 'kept:prune';

    protected $description = 'Clears routes and other kept results whose time is over';

    /** Copies of photographs that lie in object storage. */
    private const COPY_SECONDS = 86_400;

    public function handle(PhotoStore $photos): int
    {
        $photos->prune(now()->getTimestamp() - self::COPY_SECONDS);
        $store = cache()->getStore();
        $this->info(match (true) {
            $store instanceof FileStore => $this->files($store),
            $store instanceof DatabaseStore => $this->rows(),
            default => 0,
        }.' cleared.');

        return self::SUCCESS;
    }

    private function files(FileStore $store): int
    {
        $cleared = 0;
        foreach (is_dir($store->getDirectory()) ? File::allFiles($store->getDirectory()) : [] as $file) {
            $ends = (string) @file_get_contents($file->getPathname(), false, null, 0, self::SECOND_DIGITS);
            if (ctype_digit($ends) && (int) $ends < now()->getTimestamp()) {
                $cleared += File::delete($file->getPathname()) ? 1 : 0;
            }
        }

        return $cleared;
    }

    private function rows(): int
    {
        return DB::table('cache_locks')->where('expiration', '<', now()->getTimestamp())->delete()
            + DB::table('cache')->where('expiration', '<', now()->getTimestamp())->delete();
    }
}
