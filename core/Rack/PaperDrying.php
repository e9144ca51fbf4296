<?php

declare(strict_types=1);

namespace HonestGrain\Rack;

use HonestGrain\Calibration\DryingFigures;

/**
 * How long work turned from wet wood dries in paper or a paper bag: by its wall, its mouth, and the air.
 *
 * Workshop model: constants `green_paper_*`.
 */
final readonly class PaperDrying
{
    /**
     * @param  float  $wallMm  how thick its wood is
     * @param  float|null  $mouthShare  its mouth over the widest place inside; null for what is not hollow
     * @param  float  $emcPercent  what wood settles at in the air
     */
    public function __construct(
        private float $wallMm,
        private ?float $mouthShare,
        private float $emcPercent,
        private ?float $celsius = null,
        private bool $isSealed = false,
    ) {
    }

    public function days(DryingFigures $figures): float
    {
        $isClosed = $this->mouthShare !== null && $this->mouthShare < $figures->greenPaperMouthShare;
        $colder = ($figures->greenPaperC - ($this->celsius ?? $figures->greenPaperC)) / $figures->greenPaperStep;

        return $figures->greenPaperDays * ($this->wallMm / $figures->greenPaperWallMm) ** $figures->greenPaperPower
            * ($isClosed ? $figures->greenPaperClosed : 1.0) * $this->emcPercent / $figures->greenPaperEmcPercent
            * $figures->greenPaperFactor ** $colder * ($this->isSealed ? $figures->greenPaperSealed : 1.0);
    }

    /**
     * After how many days it is weighed and wrapped anew: each week at first, each month after the first.
     *
     * @return list<float> none for what is dry before
     */
    public static function rewraps(float $days, DryingFigures $figures): array
    {
        $at = [];
        $next = $figures->greenRewrapDays;
        while ($next < $days - 0.5) {
            $at[] = $next;
            $isEarly = $next < $figures->greenRewrapLaterDays;
            $next += $isEarly ? $figures->greenRewrapDays : $figures->greenRewrapLaterDays;
        }

        return $at;
    }
}
