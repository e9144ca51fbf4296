<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\Blank;
use App\Models\InstrumentFault;
use Closure;
use HonestGrain\Wood\WoodTable;

/** A stand-in: the weight that the blank's curve has it at now, to the gram; by its size before there is one. */
final readonly class SimulatedScale implements Scale
{
    private const DRIFT = 1.03;

    private const GREEN_PERCENT = 60.0;

    /** @param  Closure(Blank): ?float  $curveG  what the curve of a blank's weights has it at now, g */
    public function __construct(private Closure $curveG, private WoodTable $woods, private InstrumentFault $fault)
    {
    }

    public function grams(Blank $blank): ?float
    {
        $true = ($this->curveG)($blank) ?? $blank->last_mass_g
            ?? $blank->core()->massG($this->woods->named($blank->wood), self::GREEN_PERCENT) ?? 1000.0;

        return match ($this->fault) {
            InstrumentFault::None => round($true),
            InstrumentFault::Silent => null,
            InstrumentFault::Drifting => round($true * self::DRIFT),
            InstrumentFault::Nonsense => 999_999.0,
        };
    }
}
