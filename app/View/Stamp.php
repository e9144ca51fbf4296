<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Timer;
use App\Models\Workshop;

/** What changes with everything that the bench shows: a page that stays open compares it with its own. */
final readonly class Stamp
{
    public static function of(Workshop $workshop): string
    {
        $timers = $workshop->timers()->where(
            fn ($q) => $q->whereNull('stopped_at')->orWhere('stopped_at', '>', Timer::shownSince()),
        )->get(['id', 'rings_at', 'stopped_at'])->toJson();

        return implode('-', [
            $workshop->version, $workshop->planned_version ?? 0, $workshop->planned_at?->getTimestamp() ?? 0,
            (int) $workshop->logEntries()->max('id'), crc32($timers),
        ]);
    }
}
