<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Role;
use App\Models\User;
use App\People\Letters;
use App\View\Show;
use App\View\Tomorrow;
use HonestGrain\Catalogue\Catalogue;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Writes to whoever asked for it what closes tomorrow, in the evening, and what closes within the hour. */
class SendLetters extends Command
{
    private const EVENING_HOUR = 18;

    private const BEFORE_MINUTES = 60;

    private const REMEMBERED_DAYS = 3;

    protected $signature = 'letters:send';

    protected $description = 'Sends the letters of the evening, and those of windows that close';

    public function handle(Letters $letters, Catalogue $catalogue): int
    {
        $sent = 0;
        $people = User::query()->with('workshop.workers')->whereNotNull('email_verified_at')
            ->where('role', '!=', Role::Reader)->whereIn('preferences->letters', ['evening', 'windows']);
        foreach ($people->lazyById(100) as $user) {
            $show = Show::for($user, $catalogue);
            $this->laravel->instance(Show::class, $show);
            $tomorrow = new Tomorrow($user->workshop, $user, $show);
            $sent += $this->evening($user, $tomorrow, $letters);
            $sent += $user->prefers('letters') === 'windows' ? $this->windows($user, $tomorrow, $letters) : 0;
        }
        DB::table('sent_letters')->where('sent_at', '<', now()->subDays(self::REMEMBERED_DAYS))->delete();
        $this->info("$sent sent.");

        return self::SUCCESS;
    }

    private function evening(User $user, Tomorrow $tomorrow, Letters $letters): int
    {
        $now = now($user->timeZone());
        if ($now->hour < self::EVENING_HOUR || ! $this->isFirst($user, "evening {$now->toDateString()}")) {
            return 0;
        }
        $lines = $tomorrow->lines();
        $lines === [] ? null : $letters->evening($user, $lines);

        return $lines === [] ? 0 : 1;
    }

    private function windows(User $user, Tomorrow $tomorrow, Letters $letters): int
    {
        $sent = 0;
        foreach ($tomorrow->closing(now()->addMinutes(self::BEFORE_MINUTES)) as $mark => $line) {
            if ($this->isFirst($user, $mark)) {
                $letters->window($user, $line);
                $sent++;
            }
        }

        return $sent;
    }

    /** Written down before it is sent: of two that run at once one sends it. */
    private function isFirst(User $user, string $mark): bool
    {
        return DB::table('sent_letters')->insertOrIgnore([
            'user_id' => $user->id, 'mark' => $mark, 'sent_at' => now(),
        ]) === 1;
    }
}
