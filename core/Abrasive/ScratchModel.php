<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Calibration\SandingFigures;
use HonestGrain\Reading\InvalidField;

/**
 * How deep a grit scratches a wood and how fast it cuts.
 *
 * Workshop model: valley h(d) = 0.25·d·(6000/H)^0.3 µm; removal under the pad
 * r(d) = r₀·(d/125)·(6000/H)·(v/3) µm/min, for grain size d µm, hardness H N, speed v m/s;
 * r₀ = 500 by hand on the spinning lathe.
 */
final readonly class ScratchModel
{
    private function __construct(
        public SandingFigures $figures,
        private float $hardnessN,
        private float $speedMPerS,
        private float $removalUmMin,
    ) {
    }

    /**
     * @param  float|null  $removalUmMin  r₀: what P120 takes off at 3 m/s from a hardness of 6000 N; null by hand
     *
     * @throws InvalidField for a hardness, speed or rate that is not above zero
     */
    public static function on(
        SandingFigures $figures,
        float $hardnessN,
        float $speedMPerS,
        ?float $removalUmMin = null,
    ): self {
        $removalUmMin ??= $figures->removalUmPerMin;
        if (! is_finite($hardnessN) || $hardnessN <= 0) {
            throw InvalidField::range('hardness_n', $hardnessN, 100, 40_000);
        }
        if (! is_finite($speedMPerS) || $speedMPerS <= 0) {
            throw InvalidField::range('speed_m_s', $speedMPerS, 0.05, 30);
        }

        if (! is_finite($removalUmMin) || $removalUmMin <= 0) {
            throw InvalidField::range('removal_um_min', $removalUmMin, 1, 100_000);
        }

        return new self($figures, $hardnessN, $speedMPerS, $removalUmMin);
    }

    /** Depth of the scratches that a grit leaves, µm. */
    public function valleyUm(Grit $grit): float
    {
        return $this->valleyOf($grit->micron);
    }

    /** Depth of the scratches that grains of this size leave, µm. */
    public function valleyOf(float $micron): float
    {
        return $this->figures->valleyPerMicron * $micron
            * ($this->figures->referenceHardnessN / $this->hardnessN) ** $this->figures->hardnessExponent;
    }

    /** The size of grain whose scratches are this deep, µm. */
    public function micronFor(float $valleyUm): float
    {
        return $valleyUm / $this->valleyOf(1.0);
    }

    /** Removal under the pad, µm per minute. */
    public function cutUmPerMinute(Grit $grit): float
    {
        $figures = $this->figures;

        return $this->removalUmMin * ($grit->micron / $figures->referenceGrainUm)
            * ($figures->referenceHardnessN / $this->hardnessN) * ($this->speedMPerS / $figures->referenceSpeedMPerS);
    }
}
