<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Role;
use App\Models\Workshop;
use Illuminate\Console\Command;

/** Which workshops there are, whose, and how much is in them; those of demo visitors are counted. */
class ListWorkshops extends Command
{
    protected $signature = 'admin:workshops';

    protected $description = 'Lists the workshops, their owners and how much is in them';

    public function handle(): int
    {
        $rows = Workshop::query()->where('is_visit', false)->orderBy('id')
            ->withCount(['users', 'pieces', 'logEntries'])
            ->with(['users' => fn ($users) => $users->where('role', Role::Owner)->orderBy('id')])->lazy(200)
            ->map(fn (Workshop $shop): array => [
                $shop->id, $shop->name, $shop->users->pluck('email')->implode(', '), $shop->users_count,
                $shop->pieces_count, $shop->log_entries_count, $shop->time_zone,
            ]);
        $this->table(array_values(lines('admin.workshops.columns')), $rows);
        $visits = Workshop::query()->where('is_visit', true)->count();
        $this->line(say('admin.workshops.visits', ['count' => $visits]));

        return self::SUCCESS;
    }
}
