<?php

declare(strict_types=1);

use App\Watch\Beat;
use App\Watch\DailyBackup;
use Illuminate\Support\Facades\Schedule;

Schedule::call(fn () => Beat::Schedule->leave(cache()->store()))->everyMinute();
Schedule::command('climate:read')->hourly();
Schedule::command('kept:prune')->hourly();
Schedule::command('visits:sweep')->hourly();
Schedule::command('people:sweep')->hourly();
Schedule::command('letters:send')->everyFiveMinutes()->withoutOverlapping(10);
Schedule::exec('bash '.escapeshellarg(base_path('bin/admin')).' backup')->hourlyAt(40)
    ->when(fn (): bool => app(DailyBackup::class)->isDue(time()))->withoutOverlapping(60);
Schedule::command('queue:prune-failed', ['--hours' => 24 * 30])->daily();
