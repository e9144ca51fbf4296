<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** What decorations take. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class MarkRates
{
    public float $beadMinutesPerM;

    public float $grooveMinutesPerM;

    public float $wireSeconds;

    public float $wireHeldSeconds;

    public float $wireLeastMPerS;

    public float $wireHandMm;

    public float $indexSeconds;

    public float $fluteFeedMmPerS;

    public float $flutePasses;

    public float $flatMinutesPer100Cm2;

    public float $spunMinutesPer100Cm2;

    public float $brushMinutesPer100Cm2;

    public float $holeMinutes;

    public float $slotMmPerMinute;

    public float $inlayMinutesPerM;

    public float $charBackMinutesPer100Cm2;

    public float $brandMinutes;

    public float $edgeMinutesPerM;

    /** @var array<string, float> by way of laying a colour on: wiped, brushed, sprayed */
    public array $spreadCm2PerMinute;

    public float $leafMinutesEach;

    public float $leafWasteTimes;

    public float $leastLandMm;

    public float $scorchWatchHours;

    public float $watchMinutes;

    public float $dyeDryHours;

    public float $sandBackMinutesPer100Cm2;

    public float $penStrokesApartMm;

    public float $penMmPerS;

    public float $penRestShare;

    public float $cordMinutesPerM;

    public float $blockMinutesPer100Cm2;

    public float $edgeSandMinutesPerM;

    public float $penLiftSeconds;

    public float $penFreeStrokeMm;

    public float $leafSizeMinutes;

    public float $wireMinutesPerCm;

    public float $hookMinutes;

    private float $slotStartShare;

    private float $slotFileShare;

    private float $slotStripShare;

    public float $levelMinutes;

    public float $beginMinutes;

    public float $markOutMinutes;

    public float $torchBesideMm;

    public float $penBesideMm;

    public float $heatThroughMm;

    public float $referenceHardnessN;

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public function __construct(\Closure $value)
    {
        $this->beadMinutesPerM = $value('mark_bead_minutes_per_m');
        $this->grooveMinutesPerM = $value('mark_groove_minutes_per_m');
        $this->wireSeconds = $value('mark_wire_seconds');
        $this->wireHeldSeconds = $value('mark_wire_held_seconds');
        $this->wireLeastMPerS = $value('mark_wire_least_m_per_s');
        $this->wireHandMm = $value('mark_wire_hand_mm');
        $this->indexSeconds = $value('mark_index_seconds');
        $this->fluteFeedMmPerS = $value('mark_flute_feed_mm_per_s');
        $this->flutePasses = $value('mark_flute_passes');
        $this->flatMinutesPer100Cm2 = $value('mark_flat_minutes_per_100cm2');
        $this->spunMinutesPer100Cm2 = $value('mark_spun_minutes_per_100cm2');
        $this->brushMinutesPer100Cm2 = $value('mark_brush_minutes_per_100cm2');
        $this->holeMinutes = $value('mark_hole_minutes');
        $this->slotMmPerMinute = $value('mark_slot_mm_per_minute');
        $this->inlayMinutesPerM = $value('mark_inlay_minutes_per_m');
        $this->charBackMinutesPer100Cm2 = $value('mark_char_back_minutes_per_100cm2');
        $this->brandMinutes = $value('mark_brand_minutes');
        $this->edgeMinutesPerM = $value('mark_edge_minutes_per_m');
        $this->spreadCm2PerMinute = [
            'wiped' => $value('mark_wiped_cm2_per_minute'), 'brushed' => $value('mark_brushed_cm2_per_minute'),
            'sprayed' => $value('mark_sprayed_cm2_per_minute'),
        ];
        $this->leafMinutesEach = $value('mark_leaf_minutes_each');
        $this->leafWasteTimes = $value('mark_leaf_waste_times');
        $this->leastLandMm = $value('mark_least_land_mm');
        $this->scorchWatchHours = $value('mark_scorch_watch_hours');
        $this->watchMinutes = $value('mark_watch_minutes');
        $this->dyeDryHours = $value('mark_dye_dry_hours');
        $this->sandBackMinutesPer100Cm2 = $value('mark_sand_back_minutes_per_100cm2');
        $this->penStrokesApartMm = $value('mark_pen_strokes_apart_mm');
        $this->penMmPerS = $value('mark_pen_mm_per_s');
        $this->penRestShare = $value('mark_pen_rest_share');
        $this->cordMinutesPerM = $value('mark_cord_minutes_per_m');
        $this->blockMinutesPer100Cm2 = $value('mark_block_minutes_per_100cm2');
        $this->edgeSandMinutesPerM = $value('mark_edge_sand_minutes_per_m');
        $this->penLiftSeconds = $value('mark_pen_lift_seconds');
        $this->penFreeStrokeMm = $value('mark_pen_free_stroke_mm');
        $this->leafSizeMinutes = $value('mark_leaf_size_minutes');
        $this->wireMinutesPerCm = $value('mark_wire_minutes_per_cm');
        $this->hookMinutes = $value('mark_hook_minutes');
        $this->slotStartShare = $value('mark_slot_start_share');
        $this->slotFileShare = $value('mark_slot_file_share');
        $this->slotStripShare = $value('mark_slot_strip_share');
        $this->levelMinutes = $value('mark_level_minutes');
        $this->beginMinutes = $value('mark_begin_minutes');
        $this->markOutMinutes = $value('mark_out_minutes');
        $this->torchBesideMm = $value('fire_torch_beside_mm');
        $this->penBesideMm = $value('fire_pen_beside_mm');
        $this->heatThroughMm = $value('fire_through_wall_mm');
        $this->referenceHardnessN = $value('reference_hardness_n');
    }

    /** @return array{start: float, file: float, strip: float} of the minutes of a slot, besides its sawing */
    public function slotShares(): array
    {
        return ['start' => $this->slotStartShare, 'file' => $this->slotFileShare, 'strip' => $this->slotStripShare];
    }
}
