<?php

declare(strict_types=1);

namespace App\Figures;

use App\Models\LogEntry;
use HonestGrain\Abrasive\Learnt;
use HonestGrain\Abrasive\Method;
use HonestGrain\Wood\Pore;

/** One surface that was sanded: what it took against what the model says by itself. */
final readonly class SandingRecord
{
    private function __construct(
        public LogEntry $entry,
        public string $key,
        public Method $method,
        public Pore $family,
        public ?float $minutesRatio,
        public ?float $discsRatio,
    ) {
    }

    /** Null where nothing was measured. */
    public static function of(LogEntry $entry): ?self
    {
        $facts = $entry->facts;
        $abrading = $facts['abrading'];
        $method = Method::tryFrom((string) ($abrading['method'] ?? ''));
        $family = Pore::tryFrom((string) ($abrading['family'] ?? ''));
        // Against the model itself, not against what had been made of it already.
        $planned = (float) ($facts['planned_minutes'] ?? 0) / max(0.01, (float) ($abrading['minutes_factor'] ?? 1));
        $sheets = array_sum($abrading['sheets'] ?? []) / max(0.01, (float) ($abrading['discs_factor'] ?? 1));
        $discs = $facts['discs_used'] ?? null;
        $minutes = $entry->minutes === null || $planned <= 0 ? null : $entry->minutes / $planned;
        $used = $discs === null || $sheets <= 0 ? null : $discs / $sheets;

        return $method === null || $family === null || ($minutes === null && $used === null) ? null : new self(
            $entry, Learnt::key($method, $family), $method, $family, $minutes, $used,
        );
    }
}
