<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\User;
use App\Models\Workshop;
use App\Pictures\Photos;

/** Workshops made for one visitor each, with the demo's pieces in them, and swept a day after they were last used. */
final readonly class Visits
{
    public const KEPT_HOURS = 24;

    private const SWEPT_AT_ONCE = 5;

    public function __construct(private DemoWorkshop $demo, private Photos $photos)
    {
    }

    public function begin(): User
    {
        $this->sweep(self::SWEPT_AT_ONCE);

        return $this->demo->visit();
    }

    /** @return int how many were swept */
    public function sweep(int $most): int
    {
        $stale = Workshop::query()->where('is_visit', true)
            ->where(
                fn ($query) => $query->where(
                    'last_seen_at', '<', now()->subHours(self::KEPT_HOURS),
                )->orWhereNull('last_seen_at'),
            )
            ->where('created_at', '<', now()->subHour())
            ->limit($most)->pluck('id');

        $stale->each($this->photos->forgetAll(...));

        return $stale->isEmpty() ? 0 : Workshop::query()->whereKey($stale)->delete();
    }
}
