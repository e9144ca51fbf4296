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
        $abrading = $entry->facts->abraded?->planned;
        if ($abrading === null) {
            return null;
        }
        // Against the model itself, not against what had been made of it already.
        $planned = ($entry->facts->planned->minutes ?? 0.0) / max(0.01, $abrading->minutesFactor);
        $sheets = array_sum($abrading->sheets) / max(0.01, $abrading->discsFactor);
        $discs = $entry->facts->measured->discsUsed;
        $minutes = $entry->minutes === null || $planned <= 0 ? null : $entry->minutes / $planned;
        $used = $discs === null || $sheets <= 0 ? null : $discs / $sheets;

        return $minutes === null && $used === null ? null : new self(
            $entry, Learnt::key($abrading->method, $abrading->family), $abrading->method, $abrading->family, $minutes,
            $used,
        );
    }
}
