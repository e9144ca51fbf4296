<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Calibration\SandingFigures;
use HonestGrain\Reading\Copy;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Said;

/** What sanding costs in a workshop, whatever the surface: pad, passes, changes, looks, and how big a jump may be. */
final readonly class SandingRates
{
    private const MM2_PER_100CM2 = 10_000.0;

    private function __construct(
        public float $padMm2,
        public float $maxRatio,
        public float $changeMinutes,
        public float $inspectMinutes,
        private float $coverMinutesPer100Cm2,
        private float $alongGrainMinutesPer100Cm2,
        public bool $coarseStart,
        private float $discLifeGrains,
    ) {
    }

    /**
     * What is not given is as the catalogue has it; along the grain nothing.
     *
     * @param  float|null  $padMm2  area of the pad
     * @param  float|null  $maxRatio  greatest fall in size from one grit to the next
     * @param  bool  $coarseStart  whether the first grain must be as large as the tool marks are deep
     *
     * @throws InvalidField
     */
    public static function of(
        SandingFigures $figures,
        ?float $padMm2 = null,
        ?float $maxRatio = null,
        ?float $changeMinutes = null,
        ?float $inspectMinutes = null,
        ?float $coverMinutesPer100Cm2 = null,
        float $alongGrainMinutesPer100Cm2 = 0.0,
        bool $coarseStart = true,
    ): self {
        $padMm2 ??= $figures->padMm2;
        $maxRatio ??= $figures->maxRatio;
        $changeMinutes ??= $figures->changeMinutes;
        $inspectMinutes ??= $figures->inspectMinutes;
        $coverMinutesPer100Cm2 ??= $figures->coverMinutesPer100Cm2;
        if (! is_finite($padMm2) || $padMm2 <= 0) {
            throw InvalidField::because('pad_mm2', $padMm2, new Said('abrasive.sanding-rates.must-above-zero'));
        }
        if (! is_finite($maxRatio) || $maxRatio <= 1) {
            throw InvalidField::range('max_ratio', $maxRatio, 1.01, 20);
        }
        foreach ([
            'change_minutes' => $changeMinutes, 'inspect_minutes' => $inspectMinutes,
            'cover_minutes_per_100cm2' => $coverMinutesPer100Cm2,
            'along_grain_minutes_per_100cm2' => $alongGrainMinutesPer100Cm2,
        ] as $field => $minutes) {
            if (! is_finite($minutes) || $minutes < 0) {
                throw InvalidField::range($field, $minutes, 0, 60);
            }
        }

        return new self(
            padMm2: $padMm2, maxRatio: $maxRatio, changeMinutes: $changeMinutes, inspectMinutes: $inspectMinutes,
            coverMinutesPer100Cm2: $coverMinutesPer100Cm2, alongGrainMinutesPer100Cm2: $alongGrainMinutesPer100Cm2,
            coarseStart: $coarseStart, discLifeGrains: $figures->discLifeGrains,
        );
    }

    /** The same, a disc lasting so many times longer, as where it is wetted. */
    public function lasting(float $times): self
    {
        return Copy::with($this, ['discLifeGrains' => $this->discLifeGrains * $times]);
    }

    /** The least minutes for one grit over so much surface, however little it has to take off. */
    public function coverMinutes(float $areaMm2): float
    {
        return $this->coverMinutesPer100Cm2 * $areaMm2 / self::MM2_PER_100CM2;
    }

    public function alongGrainMinutes(float $areaMm2): float
    {
        return $this->alongGrainMinutesPer100Cm2 * $areaMm2 / self::MM2_PER_100CM2;
    }

    /** How many discs so much through-pad removal wears out, µm. */
    public function discs(float $removalUm, Grit $grit): int
    {
        return max(1, (int) ceil($removalUm / ($this->discLifeGrains * $grit->micron) - 1e-9));
    }
}
