<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** What coats and fire do to a colour. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class ColourFigures
{
    /** A wood takes colour by its tissues. */
    private const TISSUES = ['early', 'late', 'figure'];

    /** What a flame takes, and what oil or amber adds, differs by channel of light. */
    private const CHANNELS = ['red', 'green', 'blue'];

    /**
     * @param  array<string, float>  $coatTimes  by coat: oil, clear, amber
     * @param  array<string, list<float>>  $coatAdds  by coat and channel, of those that warm
     * @param  array<string, float>  $scorchDepth  by level of scorch
     * @param  array<string, float>  $scorchMinutesPer100Cm2  by level
     * @param  list<float>  $scorchByChannel
     * @param  list<float>  $dyeUptake  by tissue: early wood, late wood, figure
     * @param  array<string, list<float>>  $dyeDepthUm  by carrier (water, alcohol) and tissue
     * @param  array{float, float}  $bleedsAlongMm  least and most
     * @param  list<float>  $tissueTimes  a tissue's absorption against the wood's
     */
    private function __construct(
        public array $coatTimes,
        public array $coatAdds,
        public array $scorchDepth,
        public array $scorchMinutesPer100Cm2,
        public float $scorchBeginMinutes,
        public array $scorchByChannel,
        public float $scorchLeastWallMm,
        public float $scorchCrackedLeastWallMm,
        public float $dyeMlPer100Cm2,
        public float $dyeSprayTimes,
        public float $dyeGramsPerLitre,
        public float $dyeDropsPerMl,
        public array $dyeUptake,
        public array $dyeDepthUm,
        public array $tissueTimes,
        public float $ringMm,
        public float $ebonisedDepth,
        public float $ebonisedWithoutTannin,
        public float $bleachTimes,
        public float $limeShare,
        public float $sandedBackUm,
        public float $greyCard,
        public array $bleedsAlongMm,
        public float $bleedsAcrossMm,
        private float $strokeShare,
        private float $referenceHardnessN,
    ) {
    }

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public static function from(\Closure $value): self
    {
        $levels = ['straw', 'toast', 'brown', 'black', 'cracked'];

        return new self(
            coatTimes: self::by($value, ['oil', 'clear', 'amber'], 'colour_%s_times'),
            coatAdds: [
                'oil' => array_values(self::by($value, self::CHANNELS, 'colour_oil_adds_%s')),
                'amber' => array_values(self::by($value, self::CHANNELS, 'colour_amber_adds_%s')),
            ],
            scorchDepth: self::by($value, $levels, 'scorch_%s_depth'),
            scorchMinutesPer100Cm2: self::by($value, $levels, 'scorch_%s_minutes_per_100cm2'),
            scorchBeginMinutes: $value('scorch_begin_minutes'),
            scorchByChannel: array_values(self::by($value, self::CHANNELS, 'scorch_%s_share')),
            scorchLeastWallMm: $value('scorch_least_wall_mm'),
            scorchCrackedLeastWallMm: $value('scorch_cracked_least_wall_mm'),
            dyeMlPer100Cm2: $value('dye_ml_per_100cm2'),
            dyeSprayTimes: $value('dye_spray_times'),
            dyeGramsPerLitre: $value('dye_grams_per_litre'),
            dyeDropsPerMl: $value('dye_drops_per_ml'),
            dyeUptake: array_values(self::by($value, self::TISSUES, 'dye_uptake_%s')),
            dyeDepthUm: [
                'water' => array_values(self::by($value, self::TISSUES, 'dye_water_depth_um_%s')),
                'alcohol' => array_values(self::by($value, self::TISSUES, 'dye_alcohol_depth_um_%s')),
            ],
            tissueTimes: array_values(self::by($value, self::TISSUES, 'wood_tissue_%s_times')),
            ringMm: $value('wood_ring_mm'),
            ebonisedDepth: $value('ebonised_depth'),
            ebonisedWithoutTannin: $value('ebonised_without_tannin'),
            bleachTimes: $value('bleach_times'),
            limeShare: $value('lime_pore_share'),
            sandedBackUm: $value('dye_sanded_back_um'),
            greyCard: $value('grey_card_reflectance'),
            bleedsAlongMm: [$value('bleeds_along_least_mm'), $value('bleeds_along_most_mm')],
            bleedsAcrossMm: $value('bleeds_across_mm'),
            strokeShare: $value('dye_stroke_share'),
            referenceHardnessN: $value('reference_hardness_n'),
        );
    }

    /** Strokes by hand with a grain of a size that take so much off (workshop). */
    public function strokes(float $um, float $grainUm, ?float $hardnessN): int
    {
        return (int) max(1, round($um / $this->umAStroke($grainUm, $hardnessN)));
    }

    /** What one stroke takes off: a share of the grain's size on wood of the reference hardness, less on harder. */
    public function umAStroke(float $grainUm, ?float $hardnessN): float
    {
        return $this->strokeShare * $grainUm * $this->referenceHardnessN / ($hardnessN ?? $this->referenceHardnessN);
    }

    /**
     * @param  \Closure(string): float  $value
     * @param  list<string>  $keys
     * @param  string  $name  of the constants, "%s" for the key
     * @return array<string, float>
     */
    private static function by(\Closure $value, array $keys, string $name): array
    {
        $figures = [];
        foreach ($keys as $key) {
            $figures[$key] = $value(sprintf($name, $key));
        }

        return $figures;
    }
}
