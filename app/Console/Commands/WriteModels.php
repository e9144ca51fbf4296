<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\WrittenPage;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Words\Reader;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;

/** Writes the page of models from its template, with the constants of the catalogue where it calls them by name. */
class WriteModels extends Command
{
    private const TEMPLATE = 'docs/models.template.md';

    protected $signature = 'house:models {--check : only say whether the page is true}';

    protected $description = 'Writes docs/models.md from its template and catalogue/constants.csv';

    public function handle(Catalogue $catalogue): int
    {
        $reader = new Reader;

        return (new WrittenPage('docs/models.md'))->holds((string) preg_replace_callback(
            '/\{([a-z0-9_]+)(\|bare)?\}/',
            fn (array $m): string => $reader->exact(
                $catalogue->calibration()->constant($m[1])->quantity(), bare: isset($m[2]),
            ),
            File::get(base_path(self::TEMPLATE)),
        ), $this);
    }
}
