<?php

declare(strict_types=1);

namespace App\Models\Kept;

/** The air as it was read about when a step was done. */
final readonly class AirRead implements Kept
{
    /** @param  string  $at  an instant, as 2026-12-01T09:00:00Z */
    public function __construct(public float $tempC, public float $rhPercent, public string $at)
    {
    }

    public static function read(array $kept): self
    {
        return new self(
            (float) ($kept['temp_c'] ?? 0), (float) ($kept['rh_percent'] ?? 0), (string) ($kept['at'] ?? ''),
        );
    }

    public function toArray(): array
    {
        return ['temp_c' => $this->tempC, 'rh_percent' => $this->rhPercent, 'at' => $this->at];
    }
}
