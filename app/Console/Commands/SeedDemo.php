<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Demo\DemoWorkshop;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Console\Command;

class SeedDemo extends Command
{
    protected $signature = 'demo:seed {--if-empty : only where no workshop has been made yet}';

    protected $description = 'Makes the demo workshop, with dates around today';

    public function handle(DemoWorkshop $demo): int
    {
        if (($this->option('if-empty') && Workshop::query()->exists()) || User::query()->where(
            'email', DemoWorkshop::EMAIL,
        )->exists()) {
            $this->info('There is a workshop already; nothing was changed.');

            return self::SUCCESS;
        }
        $demo->run();
        $this->info('The demo workshop is made.');

        return self::SUCCESS;
    }
}
