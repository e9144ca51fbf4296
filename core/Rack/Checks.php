<?php

declare(strict_types=1);

namespace HonestGrain\Rack;

use HonestGrain\Calibration\DryingFigures;

/**
 * How long fresh wood that waits stays without checks in its ends: a rule of thumb, by how it is kept, longer in damper
 * and colder air, and half as long with the pith in it.
 *
 * Workshop model: constants `drying_check_*`, and those of drying in paper for the air.
 */
final readonly class Checks
{
    /** @param  float|null  $celsius  as warm as the rule is made for, where nobody said */
    public function __construct(private Blank $blank, private float $emcPercent, private ?float $celsius = null)
    {
    }

    /** As it is kept, or otherwise; null for what does not check so. */
    public function days(DryingFigures $figures, ?Keeping $keeping = null): ?float
    {
        $base = match ($keeping ?? $this->blank->keeping) {
            Keeping::Open => $figures->checkOpenDays,
            Keeping::Wrapped => $figures->checkWrappedDays,
            Keeping::EndsSealed => $figures->checkSealedDays,
            Keeping::Waxed, Keeping::Bagged => $figures->checkWaxedDays,
            Keeping::Kiln, Keeping::InWater => null,
        };
        $colder = ($figures->greenPaperC - ($this->celsius ?? $figures->greenPaperC)) / $figures->greenPaperStep;

        return $base === null || $this->blank->form->isRough() ? null
            : $base * $this->emcPercent / $figures->greenPaperEmcPercent * $figures->greenPaperFactor ** $colder
                * ($this->blank->pith === Pith::In ? $figures->checkPithShare : 1.0);
    }

    /** Since when it waits: the day it was cut to length, or felled. */
    public function since(): ?string
    {
        return $this->blank->cutOn ?? $this->blank->felledOn;
    }
}
