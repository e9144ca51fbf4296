<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Demo\Visits;
use Illuminate\Console\Command;

class SweepVisits extends Command
{
    protected $signature = 'visits:sweep';

    protected $description = 'Removes the workshops of demo visitors that were last used over a day ago';

    public function handle(Visits $visits): int
    {
        $this->info($visits->sweep(10_000).' swept.');

        return self::SUCCESS;
    }
}
