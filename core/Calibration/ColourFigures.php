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

    /** @var array<string, float> by coat: oil, clear, amber */
    public array $coatTimes;

    /** @var array<string, list<float>> by coat and channel, of those that warm */
    public array $coatAdds;

    /** @var array<string, float> by level of scorch */
    public array $scorchDepth;

    /** @var array<string, float> by level */
    public array $scorchMinutesPer100Cm2;

    public float $scorchBeginMinutes;

    /** @var list<float> */
    public array $scorchByChannel;

    public float $scorchLeastWallMm;

    public float $scorchCrackedLeastWallMm;

    public float $dyeMlPer100Cm2;

    public float $dyeSprayTimes;

    public float $dyeGramsPerLitre;

    public float $dyeDropsPerMl;

    /** @var list<float> by tissue: early wood, late wood, figure */
    public array $dyeUptake;

    /** @var array<string, list<float>> by carrier (water, alcohol) and tissue */
    public array $dyeDepthUm;

    /** @var list<float> a tissue's absorption against the wood's */
    public array $tissueTimes;

    public float $lateShare;

    public float $ringMm;

    public float $ebonisedDepth;

    public float $ebonisedWithoutTannin;

    public float $bleachTimes;

    public float $limeShare;

    public float $sandedBackUm;

    public float $greyCard;

    /** @var array{float, float} least and most */
    public array $bleedsAlongMm;

    public float $bleedsAcrossMm;

    private float $strokeShare;

    private float $referenceHardnessN;

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public function __construct(\Closure $value)
    {
        $levels = ['straw', 'toast', 'brown', 'black', 'cracked'];

        $this->coatTimes = self::by($value, ['oil', 'clear', 'amber'], 'colour_%s_times');
        $this->coatAdds = [
            'oil' => array_values(self::by($value, self::CHANNELS, 'colour_oil_adds_%s')),
            'amber' => array_values(self::by($value, self::CHANNELS, 'colour_amber_adds_%s')),
        ];
        $this->scorchDepth = self::by($value, $levels, 'scorch_%s_depth');
        $this->scorchMinutesPer100Cm2 = self::by($value, $levels, 'scorch_%s_minutes_per_100cm2');
        $this->scorchBeginMinutes = $value('scorch_begin_minutes');
        $this->scorchByChannel = array_values(self::by($value, self::CHANNELS, 'scorch_%s_share'));
        $this->scorchLeastWallMm = $value('scorch_least_wall_mm');
        $this->scorchCrackedLeastWallMm = $value('scorch_cracked_least_wall_mm');
        $this->dyeMlPer100Cm2 = $value('dye_ml_per_100cm2');
        $this->dyeSprayTimes = $value('dye_spray_times');
        $this->dyeGramsPerLitre = $value('dye_grams_per_litre');
        $this->dyeDropsPerMl = $value('dye_drops_per_ml');
        $this->dyeUptake = array_values(self::by($value, self::TISSUES, 'dye_uptake_%s'));
        $this->dyeDepthUm = [
            'water' => array_values(self::by($value, self::TISSUES, 'dye_water_depth_um_%s')),
            'alcohol' => array_values(self::by($value, self::TISSUES, 'dye_alcohol_depth_um_%s')),
        ];
        $this->tissueTimes = array_values(self::by($value, self::TISSUES, 'wood_tissue_%s_times'));
        $this->lateShare = $value('wood_late_share');
        $this->ringMm = $value('wood_ring_mm');
        $this->ebonisedDepth = $value('ebonised_depth');
        $this->ebonisedWithoutTannin = $value('ebonised_without_tannin');
        $this->bleachTimes = $value('bleach_times');
        $this->limeShare = $value('lime_pore_share');
        $this->sandedBackUm = $value('dye_sanded_back_um');
        $this->greyCard = $value('grey_card_reflectance');
        $this->bleedsAlongMm = [$value('bleeds_along_least_mm'), $value('bleeds_along_most_mm')];
        $this->bleedsAcrossMm = $value('bleeds_across_mm');
        $this->strokeShare = $value('dye_stroke_share');
        $this->referenceHardnessN = $value('reference_hardness_n');
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
