<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Reading\InvalidField;

/** What sanding costs in a workshop, whatever the surface: pad, passes, changes, looks, and how big a jump may be. */
final readonly class SandingRates
{
    public const MAX_RATIO = 1.8;

    /** Every grit passes everywhere and is looked at (workshop), min per 100 cm². */
    public const COVER_MINUTES_PER_100CM2 = 0.4;

    /** The last grit once more with the lathe stopped, along the grain (workshop), min per 100 cm². */
    public const ALONG_GRAIN_MINUTES_PER_100CM2 = 0.5;

    private const MM2_PER_100CM2 = 10_000.0;

    private function __construct(
        public float $padMm2,
        public float $maxRatio,
        public float $changeMinutes,
        public float $inspectMinutes,
        private float $coverMinutesPer100Cm2,
        private float $alongGrainMinutesPer100Cm2,
        public bool $coarseStart,
    ) {
    }

    /**
     * @param  float  $padMm2  area of the pad
     * @param  float  $maxRatio  greatest fall in size from one grit to the next
     * @param  bool  $coarseStart  whether the first grain must be as large as the tool marks are deep
     *
     * @throws InvalidField
     */
    public static function of(
        float $padMm2 = 1200.0,
        float $maxRatio = self::MAX_RATIO,
        float $changeMinutes = 0.5,
        float $inspectMinutes = 0.5,
        float $coverMinutesPer100Cm2 = self::COVER_MINUTES_PER_100CM2,
        float $alongGrainMinutesPer100Cm2 = 0.0,
        bool $coarseStart = true,
    ): self {
        if (! is_finite($padMm2) || $padMm2 <= 0) {
            throw InvalidField::because('pad_mm2', $padMm2, 'it must be above zero');
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
            $padMm2, $maxRatio, $changeMinutes, $inspectMinutes, $coverMinutesPer100Cm2, $alongGrainMinutesPer100Cm2,
            $coarseStart,
        );
    }

    /** By hand on the spinning lathe, the last grit along the grain with the lathe stopped. */
    public static function byHand(): self
    {
        return self::of(alongGrainMinutesPer100Cm2: self::ALONG_GRAIN_MINUTES_PER_100CM2);
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
        return max(1, (int) ceil($removalUm / (SandingStep::DISC_LIFE_GRAINS * $grit->micron) - 1e-9));
    }
}
