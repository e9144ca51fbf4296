<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** What decorations take. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class MarkRates
{
    /** @param  array<string, float>  $spreadCm2PerMinute  by way of laying a colour on: wiped, brushed, sprayed */
    private function __construct(
        public float $beadMinutesPerM,
        public float $grooveMinutesPerM,
        public float $wireSeconds,
        public float $wireHeldSeconds,
        public float $wireLeastMPerS,
        public float $wireHandMm,
        public float $indexSeconds,
        public float $fluteFeedMmPerS,
        public float $flutePasses,
        public float $flatMinutesPer100Cm2,
        public float $spunMinutesPer100Cm2,
        public float $brushMinutesPer100Cm2,
        public float $holeMinutes,
        public float $slotMmPerMinute,
        public float $inlayMinutesPerM,
        public float $charBackMinutesPer100Cm2,
        public float $brandMinutes,
        public float $edgeMinutesPerM,
        public array $spreadCm2PerMinute,
        public float $leafMinutesEach,
        public float $leafWasteTimes,
        public float $leastLandMm,
        public float $scorchWatchHours,
        public float $watchMinutes,
        public float $dyeDryHours,
        public float $sandBackMinutesPer100Cm2,
        public float $penStrokesApartMm,
        public float $penMmPerS,
        public float $penRestShare,
        public float $cordMinutesPerM,
        public float $blockMinutesPer100Cm2,
        public float $edgeSandMinutesPerM,
        public float $penLiftSeconds,
        public float $penFreeStrokeMm,
        public float $leafSizeMinutes,
        public float $wireMinutesPerCm,
        public float $hookMinutes,
        public float $levelMinutes,
        public float $beginMinutes,
        public float $markOutMinutes,
        public float $torchBesideMm,
        public float $penBesideMm,
        public float $heatThroughMm,
        public float $referenceHardnessN,
    ) {
    }

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public static function from(\Closure $value): self
    {
        return new self(
            beadMinutesPerM: $value('mark_bead_minutes_per_m'),
            grooveMinutesPerM: $value('mark_groove_minutes_per_m'),
            wireSeconds: $value('mark_wire_seconds'),
            wireHeldSeconds: $value('mark_wire_held_seconds'),
            wireLeastMPerS: $value('mark_wire_least_m_per_s'),
            wireHandMm: $value('mark_wire_hand_mm'),
            indexSeconds: $value('mark_index_seconds'),
            fluteFeedMmPerS: $value('mark_flute_feed_mm_per_s'),
            flutePasses: $value('mark_flute_passes'),
            flatMinutesPer100Cm2: $value('mark_flat_minutes_per_100cm2'),
            spunMinutesPer100Cm2: $value('mark_spun_minutes_per_100cm2'),
            brushMinutesPer100Cm2: $value('mark_brush_minutes_per_100cm2'),
            holeMinutes: $value('mark_hole_minutes'),
            slotMmPerMinute: $value('mark_slot_mm_per_minute'),
            inlayMinutesPerM: $value('mark_inlay_minutes_per_m'),
            charBackMinutesPer100Cm2: $value('mark_char_back_minutes_per_100cm2'),
            brandMinutes: $value('mark_brand_minutes'),
            edgeMinutesPerM: $value('mark_edge_minutes_per_m'),
            spreadCm2PerMinute: [
                'wiped' => $value('mark_wiped_cm2_per_minute'), 'brushed' => $value('mark_brushed_cm2_per_minute'),
                'sprayed' => $value('mark_sprayed_cm2_per_minute'),
            ],
            leafMinutesEach: $value('mark_leaf_minutes_each'),
            leafWasteTimes: $value('mark_leaf_waste_times'),
            leastLandMm: $value('mark_least_land_mm'),
            scorchWatchHours: $value('mark_scorch_watch_hours'),
            watchMinutes: $value('mark_watch_minutes'),
            dyeDryHours: $value('mark_dye_dry_hours'),
            sandBackMinutesPer100Cm2: $value('mark_sand_back_minutes_per_100cm2'),
            penStrokesApartMm: $value('mark_pen_strokes_apart_mm'),
            penMmPerS: $value('mark_pen_mm_per_s'),
            penRestShare: $value('mark_pen_rest_share'),
            cordMinutesPerM: $value('mark_cord_minutes_per_m'),
            blockMinutesPer100Cm2: $value('mark_block_minutes_per_100cm2'),
            edgeSandMinutesPerM: $value('mark_edge_sand_minutes_per_m'),
            penLiftSeconds: $value('mark_pen_lift_seconds'),
            penFreeStrokeMm: $value('mark_pen_free_stroke_mm'),
            leafSizeMinutes: $value('mark_leaf_size_minutes'),
            wireMinutesPerCm: $value('mark_wire_minutes_per_cm'),
            hookMinutes: $value('mark_hook_minutes'),
            levelMinutes: $value('mark_level_minutes'),
            beginMinutes: $value('mark_begin_minutes'),
            markOutMinutes: $value('mark_out_minutes'),
            torchBesideMm: $value('fire_torch_beside_mm'),
            penBesideMm: $value('fire_pen_beside_mm'),
            heatThroughMm: $value('fire_through_wall_mm'),
            referenceHardnessN: $value('reference_hardness_n'),
        );
    }
}
