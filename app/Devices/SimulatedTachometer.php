<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\InstrumentFault;

/** A stand-in: the speed that the lathe was set to, less what the belt slips. */
final readonly class SimulatedTachometer implements Tachometer
{
    private const SLIP = 0.985;

    private const DRIFT = 1.15;

    public function __construct(private float $setRpm, private InstrumentFault $fault)
    {
    }

    public function rpm(): ?float
    {
        return match ($this->fault) {
            InstrumentFault::None => round($this->setRpm * self::SLIP),
            InstrumentFault::Silent => null,
            InstrumentFault::Drifting => round($this->setRpm * self::SLIP * self::DRIFT),
            InstrumentFault::Nonsense => -1.0,
        };
    }
}
