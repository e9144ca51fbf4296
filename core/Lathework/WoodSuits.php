<?php

declare(strict_types=1);

namespace HonestGrain\Lathework;

use HonestGrain\Calibration\WoodRates;
use HonestGrain\Wood\Pore;
use HonestGrain\Wood\Wood;

/**
 * What a wood lends itself to at the lathe: how thin its wall may be, how oval it goes when turned wet, how well a
 * tenon of it is gripped, how it tears.
 *
 * Workshop model on published hardness and shrinkage: constants `wood_*`. What is not known is null.
 */
final readonly class WoodSuits
{
    /** The least wall that is advised, mm. */
    public ?float $leastWallMm;

    /** How oval side grain goes from wet to 10 %, % of its diameter. */
    public ?float $ovalPercent;

    /** What jaws crush it with, N (Janka). */
    public ?float $gripN;

    /** How it tears against fine-pored wood of the reference hardness, times. */
    public ?float $tears;

    public function __construct(Wood $wood, private WoodRates $rates)
    {
        $hardness = $wood->figures->jankaN;
        $softer = $hardness === null ? null : sqrt($rates->referenceN / $hardness);
        $tangential = $wood->figures->tangentialPercent;
        $pore = $wood->nature->pore;
        $this->leastWallMm = $softer === null ? null : max(1.0, $softer) * match ($pore) {
            Pore::Fine => $rates->wallFineMm,
            Pore::Open => $rates->wallOpenMm,
            Pore::Softwood => $rates->wallSoftwoodMm,
        };
        $this->ovalPercent = $tangential === null ? null
            : $tangential * (Wood::FIBRE_SATURATION_PERCENT - 10.0) / Wood::FIBRE_SATURATION_PERCENT;
        $this->gripN = $hardness;
        $this->tears = $softer === null ? null : $softer * match ($pore) {
            Pore::Fine => 1.0,
            Pore::Open => $rates->tearOpen,
            Pore::Softwood => $rates->tearSoftwood,
        };
    }

    /** @return 'good'|'fair'|'weak'|null */
    public function grip(): ?string
    {
        return match (true) {
            $this->gripN === null => null,
            $this->gripN >= $this->rates->gripGoodN => 'good',
            $this->gripN >= $this->rates->gripFairN => 'fair',
            default => 'weak',
        };
    }

    /** @return 'little'|'some'|'much'|null */
    public function tearing(): ?string
    {
        return match (true) {
            $this->tears === null => null,
            $this->tears >= $this->rates->tearsMuch => 'much',
            $this->tears >= $this->rates->tearsSome => 'some',
            default => 'little',
        };
    }
}
