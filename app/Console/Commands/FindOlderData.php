<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Says whether the database is of a time before the first release, whose tables these migrations do not know. */
class FindOlderData extends Command
{
    protected $signature = 'data:older';

    protected $description = 'Succeeds where the database was made by migrations that are gone.';

    public function handle(): int
    {
        $known = array_map(
            fn (string $file): string => basename($file, '.php'), glob(database_path('migrations/*.php')) ?: [],
        );
        $run = Schema::hasTable('migrations') ? DB::table('migrations')->pluck('migration')->all() : [];
        $gone = array_diff($run, $known);
        $this->line($gone === [] ? 'The database is of this release.' : 'The database is older: '.implode(', ', $gone));

        return $gone === [] ? self::FAILURE : self::SUCCESS;
    }
}
