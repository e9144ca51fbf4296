<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Along\Shelves;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;

/** Writes down what a workshop that is taken along looks like, from what takes it along. */
class WriteFormats extends Command
{
    private const FILE = 'docs/formats/workshop.schema.json';

    protected $signature = 'house:formats';

    protected $description = 'Writes docs/formats/workshop.schema.json';

    public function handle(): int
    {
        File::put(base_path(self::FILE), json_encode(
            Shelves::schema(), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES,
        )."\n");

        return self::SUCCESS;
    }
}
