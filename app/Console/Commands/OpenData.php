<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** All that is done to the data before it is served, in one process: to begin one takes longer than what it does. */
class OpenData extends Command
{
    /** It ends with this where the tables are of a time before the first release, which no migration here knows. */
    public const OLDER = 3;

    protected $signature = 'data:open';

    protected $description = 'Brings the tables up to this release, sweeps old visits, seeds an empty database.';

    public function handle(): int
    {
        $gone = $this->gone();
        if ($gone !== []) {
            $this->error('The database is older: '.implode(', ', $gone));

            return self::OLDER;
        }
        $isOpen = $this->call('migrate', ['--force' => true]) === self::SUCCESS
            && $this->call('visits:sweep') === self::SUCCESS
            && $this->call('demo:seed', ['--if-empty' => true]) === self::SUCCESS;

        return $isOpen ? self::SUCCESS : self::FAILURE;
    }

    /** @return list<string> migrations that were run and are not here any more */
    private function gone(): array
    {
        $known = array_map(
            fn (string $file): string => basename($file, '.php'), glob(database_path('migrations/*.php')) ?: [],
        );
        $run = Schema::hasTable('migrations') ? DB::table('migrations')->pluck('migration')->all() : [];

        return array_values(array_filter(array_map(strval(...), array_diff($run, $known))));
    }
}
