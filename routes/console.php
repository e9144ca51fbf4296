<?php

declare(strict_types=1);

use App\Watch\Beat;
use Illuminate\Support\Facades\Schedule;

Schedule::call(fn () => Beat::Schedule->leave(cache()->store()))->everyMinute();
Schedule::command('climate:read')->hourly();
Schedule::command('kept:prune')->hourly();
Schedule::command('visits:sweep')->hourly();
Schedule::command('people:sweep')->hourly();
Schedule::command('letters:send')->everyFiveMinutes()->withoutOverlapping(10);
Schedule::command('queue:prune-failed', ['--hours' => 24 * 30])->daily();
