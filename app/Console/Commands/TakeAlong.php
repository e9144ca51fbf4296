<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Along\Packer;
use App\Models\Workshop;
use Illuminate\Console\Command;

/** Packs a workshop into a file. */
class TakeAlong extends Command
{
    protected $signature = 'admin:take {workshop : its number, as bin/admin workshops lists it} {file}';

    protected $description = 'Packs a whole workshop into one file';

    public function handle(Packer $packer): int
    {
        $workshop = Workshop::query()->whereKey((int) $this->argument('workshop'))->first();
        if ($workshop === null) {
            $this->error(say('admin.no-workshop', ['number' => (string) $this->argument('workshop')]));

            return self::INVALID;
        }
        $file = (string) $this->argument('file');
        $packer->pack($workshop, $file);
        $this->info(say('admin.taken', [
            'workshop' => $workshop->name, 'file' => $file, 'megabytes' => number_format(filesize($file) / 1e6, 1),
        ]));

        return self::SUCCESS;
    }
}
