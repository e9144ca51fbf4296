<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\InstrumentFault;
use HonestGrain\Coating\Climate;

/** A stand-in: the air's own setting with the weather of the week and a little noise over it. */
final readonly class SimulatedStation implements ClimateStation
{
    private const DAY = 86_400;

    private const WEATHER_DAYS = 6;

    private const DRIFT_C_A_DAY = 0.3;

    public function __construct(private Climate $setting, private InstrumentFault $fault, private int $seed)
    {
    }

    public function read(int $second): ?array
    {
        if ($this->fault === InstrumentFault::Silent) {
            return null;
        }
        if ($this->fault === InstrumentFault::Nonsense) {
            return [-99.9, 150.0];
        }
        $air = $this->setting->stretchAt($second);
        $weather = sin(2 * M_PI * $second / (self::WEATHER_DAYS * self::DAY) + $this->seed);
        $noise = (crc32("$this->seed ".intdiv($second, 600)) % 100) / 100 - 0.5;
        $drift = $this->fault === InstrumentFault::Drifting ? self::DRIFT_C_A_DAY * ($second / self::DAY % 60) : 0.0;

        return [
            round($air->tempC + 1.2 * $weather + 0.6 * $noise + $drift, 1),
            round(max(5.0, min(99.0, $air->rhPercent - 4 * $weather + 2 * $noise)), 1),
        ];
    }
}
