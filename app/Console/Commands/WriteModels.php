<?php

declare(strict_types=1);

namespace App\Console\Commands;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Words\Reader;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;

/** Writes the page of models from its template, with the constants of the catalogue where it calls them by name. */
class WriteModels extends Command
{
    private const TEMPLATE = 'docs/models.template.md';

    private const PAGE = 'docs/models.md';

    protected $signature = 'house:models {--check : only say whether the page is true}';

    protected $description = 'Writes docs/models.md from its template and catalogue/constants.csv';

    public function handle(Catalogue $catalogue): int
    {
        $reader = new Reader;
        $true = (string) preg_replace_callback(
            '/\{([a-z0-9]+_[a-z0-9_]+)(\|bare)?\}/',
            fn (array $m): string => $reader->exact($catalogue->figure($m[1]), bare: isset($m[2])),
            File::get(base_path(self::TEMPLATE)),
        );
        if (File::exists(base_path(self::PAGE)) && File::get(base_path(self::PAGE)) === $true) {
            $this->info('The figures in '.self::PAGE.' are true.');

            return self::SUCCESS;
        }
        if ($this->option('check')) {
            $this->error(
                self::PAGE.' is not what its template and the constants say. Run: php artisan house:models',
            );

            return self::FAILURE;
        }
        File::put(base_path(self::PAGE), $true);
        $this->info(self::PAGE.' was written anew.');

        return self::SUCCESS;
    }
}
