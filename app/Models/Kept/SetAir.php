<?php

declare(strict_types=1);

namespace App\Models\Kept;

/** What an air is set to as a rule, day and night. */
final readonly class SetAir implements Kept
{
    public function __construct(public float $tempC, public float $rhPercent)
    {
    }

    public static function read(array $kept): self
    {
        return new self((float) ($kept['temp_c'] ?? 0), (float) ($kept['rh_percent'] ?? 0));
    }

    public function toArray(): array
    {
        return ['temp_c' => $this->tempC, 'rh_percent' => $this->rhPercent];
    }
}
