<?php

declare(strict_types=1);

namespace App\Devices;

/** A stand-in: the speed that the lathe was set to, less what the belt slips. */
final readonly class SimulatedTachometer implements Tachometer
{
    private const SLIP = 0.985;

    private const DRIFT = 1.15;

    public function __construct(private float $setRpm, private Fault $fault)
    {
    }

    public function rpm(): ?float
    {
        return match ($this->fault) {
            Fault::None => round($this->setRpm * self::SLIP),
            Fault::Silent => null,
            Fault::Drifting => round($this->setRpm * self::SLIP * self::DRIFT),
            Fault::Nonsense => -1.0,
        };
    }
}
