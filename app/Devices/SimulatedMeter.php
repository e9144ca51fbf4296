<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\Blank;
use App\Models\InstrumentFault;

/** A stand-in: the moisture that the weights say, to half a point; pins see no more than fibre saturation. */
final readonly class SimulatedMeter implements MoistureMeter
{
    private const MOST_PERCENT = 30.0;

    private const DRIFT_POINTS = 4.0;

    public function __construct(private InstrumentFault $fault)
    {
    }

    public function percent(Blank $blank): ?float
    {
        $true = min(self::MOST_PERCENT, $blank->moisture_percent ?? self::MOST_PERCENT);

        return match ($this->fault) {
            InstrumentFault::None => round($true * 2) / 2,
            InstrumentFault::Silent => null,
            InstrumentFault::Drifting => round(($true + self::DRIFT_POINTS) * 2) / 2,
            InstrumentFault::Nonsense => -8.0,
        };
    }
}
