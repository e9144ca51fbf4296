<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;

/** Lists every PHP package with the version that was resolved: a lock file would name addresses, this does not. */
class ListVersions extends Command
{
    private const PAGE = 'versions.txt';

    protected $signature = 'house:versions {--check : only say what differs from the list}';

    protected $description = 'Writes the resolved version of every PHP package into versions.txt';

    public function handle(): int
    {
        $now = self::installed();
        if (! $this->option('check')) {
            File::put(base_path(self::PAGE), implode('', array_map(
                fn (string $package, string $version): string => "$package $version\n", array_keys($now), $now,
            )));
            $this->info(self::PAGE.' was written: '.count($now).' packages.');

            return self::SUCCESS;
        }
        $then = [];
        foreach (File::lines(base_path(self::PAGE))->filter() as $line) {
            [$package, $version] = explode(' ', $line, 2);
            $then[$package] = $version;
        }
        foreach (array_keys($then + $now) as $package) {
            $before = $then[$package] ?? 'not there';
            $after = $now[$package] ?? 'not there';
            if ($before !== $after) {
                $this->warn("$package was $before and is $after.");
            }
        }
        $this->info($then === $now ? 'Every package is as '.self::PAGE.' has it.'
            : 'That may be as well; when all is green with it, write it: php artisan house:versions');

        return self::SUCCESS;
    }

    /** @return array<string, string> version by package */
    private static function installed(): array
    {
        $installed = json_decode(File::get(base_path('vendor/composer/installed.json')), true);
        $versions = array_column($installed['packages'], 'version', 'name');
        ksort($versions);

        return $versions;
    }
}
