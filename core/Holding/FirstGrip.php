<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

use HonestGrain\Calibration\HoldFigures;
use HonestGrain\Geometry\GrainDirection;

/** A blank as screws find it: its sizes, its weight, and how much of its face is hollowed away where they go in. */
final readonly class FirstGrip
{
    /**
     * @param  float  $hollowMidMm  the wood that is hollowed away in the middle of the face; 0 for what stays solid
     * @param  float  $hollowPlateMm  and where the screws of a plate go in
     * @param  float|null  $massG  null where nobody knows how heavy its wood is
     * @param  bool  $mayFly  cracked or bark-edged
     */
    public function __construct(
        public GrainDirection $grain,
        public float $diameterMm,
        public float $heightMm,
        public float $hollowMidMm,
        public float $hollowPlateMm,
        public ?float $massG,
        public bool $mayFly,
    ) {
    }

    public function takesScrewChuck(HoldFigures $figures): bool
    {
        return $this->grain === GrainDirection::Side && ! $this->mayFly
            && $this->hollowMidMm >= $figures->screwMm + $figures->screwShortMm
            && $this->diameterMm <= $figures->screwMostMm && $this->heightMm <= $figures->screwMostHighMm
            && $this->kg() <= $figures->screwMostKg;
    }

    public function takesFaceplate(HoldFigures $figures): bool
    {
        return $this->grain === GrainDirection::Side && $this->kg() <= $figures->faceplateMostKg
            && $this->hollowPlateMm >= $this->plateScrewsMm($figures) + $figures->screwShortMm;
    }

    /** How deep the screws of a plate go into it, mm: the heavier, the deeper. */
    public function plateScrewsMm(HoldFigures $figures): float
    {
        return match (true) {
            $this->kg() <= $figures->plateLightKg => $figures->plateLightScrewsMm,
            $this->kg() <= $figures->plateMiddleKg => $figures->plateMiddleScrewsMm,
            $this->kg() <= $figures->plateHeavyKg => $figures->plateHeavyScrewsMm,
            default => $figures->plateHeaviestScrewsMm,
        };
    }

    private function kg(): float
    {
        return ($this->massG ?? 0.0) / 1000;
    }
}
