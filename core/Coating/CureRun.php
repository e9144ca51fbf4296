<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Words\Said;

/** A wait that has been timed: start and end as seconds (UTC), hours it stood still, and warnings. */
final readonly class CureRun
{
    /** @param  list<Said>  $warnings */
    public function __construct(public int $start, public int $end, public float $stalledHours, public array $warnings)
    {
    }

    public function elapsedHours(): float
    {
        return ($this->end - $this->start) / 3600;
    }

    /** @return array{done_at: string, elapsed_hours: float, stalled_hours: float, warnings: list<Said>} */
    public function toArray(): array
    {
        return [
            'done_at' => gmdate('Y-m-d\TH:i:s\Z', $this->end), 'elapsed_hours' => round($this->elapsedHours(), 3),
            'stalled_hours' => round($this->stalledHours, 3), 'warnings' => $this->warnings,
        ];
    }
}
