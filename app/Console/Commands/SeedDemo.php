<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use App\Models\Workshop;
use Database\Seeders\DemoWorkshopSeeder;
use Illuminate\Console\Command;

class SeedDemo extends Command
{
    protected $signature = 'demo:seed {--if-empty : only where no workshop has been made yet}';

    protected $description = 'Makes the demo workshop, with dates around today';

    public function handle(): int
    {
        if (($this->option('if-empty') && Workshop::query()->exists()) || User::query()->where(
            'email', DemoWorkshopSeeder::EMAIL,
        )->exists()) {
            $this->info('There is a workshop already; nothing was changed.');

            return self::SUCCESS;
        }
        $this->getLaravel()->call(DemoWorkshopSeeder::class.'@run');
        $this->info('The demo workshop is made.');

        return self::SUCCESS;
    }
}
