<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\People\Leaving;
use Illuminate\Console\Command;

class SweepPeople extends Command
{
    protected $signature = 'people:sweep';

    protected $description = 'Ends the accounts and workshops whose two weeks are over';

    public function handle(Leaving $leaving): int
    {
        $this->info($leaving->sweep().' ended.');

        return self::SUCCESS;
    }
}
