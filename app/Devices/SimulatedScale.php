<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\Blank;
use App\Planning\Rack;
use HonestGrain\Wood\WoodTable;

/** A stand-in: the weight that the blank's curve has it at now, to the gram; by its size before there is one. */
final readonly class SimulatedScale implements Scale
{
    private const DRIFT = 1.03;

    private const GREEN_PERCENT = 60.0;

    public function __construct(private Rack $rack, private WoodTable $woods, private Fault $fault)
    {
    }

    public function grams(Blank $blank): ?float
    {
        $curve = $this->rack->drying($blank, $blank->workshop)->curve;
        $true = $curve?->massG((int) now()->getTimestamp()) ?? $blank->last_mass_g
            ?? $blank->core()->massG($this->woods->named($blank->wood), self::GREEN_PERCENT) ?? 1000.0;

        return match ($this->fault) {
            Fault::None => round($true),
            Fault::Silent => null,
            Fault::Drifting => round($true * self::DRIFT),
            Fault::Nonsense => 999_999.0,
        };
    }
}
