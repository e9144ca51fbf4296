<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** What holds ask of the work beyond their own row. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class HoldFigures
{
    public float $screwShortMm;

    public float $plateLightKg;

    public float $plateLightScrewsMm;

    public float $plateMiddleKg;

    public float $plateMiddleScrewsMm;

    public float $plateHeavyKg;

    public float $plateHeavyScrewsMm;

    public float $plateHeaviestScrewsMm;

    public float $plateEdgeMm;

    public float $coreMm;

    public float $coreRoomMm;

    public float $coreFloorMm;

    public float $coreMinutes;

    public float $neckMm;

    public float $stubMm;

    public float $slenderTimes;

    public float $handFootTimes;

    public float $stemShare;

    public float $jawsBestShare;

    public float $shoulderMm;

    public float $tenonShare;

    public float $tenonTailShare;

    public float $tenonTailMPerS;

    public float $tenonLeastMm;

    public float $tenonWetMm;

    public float $tenonHeavyKg;

    public float $tenonFloorMm;

    public float $recessWallMm;

    public float $recessSideWallMm;

    public float $recessLowShare;

    public float $recessMiddleShare;

    public float $recessForLow;

    public float $recessForMiddle;

    public float $recessForHigh;

    public float $recessMostHighShare;

    public float $recessLeastMm;

    public float $recessLeastDeepMm;

    public float $recessMm;

    public float $recessSoftMm;

    public float $recessSoftN;

    public float $recessFloorMm;

    public float $wideHighShare;

    public float $wideHollowMm;

    public float $roundMm;

    public float $vacuumN;

    public float $vacuumFloorShare;

    public float $sealEdgeMm;

    public float $sealLeastMm;

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public function __construct(\Closure $value)
    {
        $this->screwShortMm = $value('hold_screw_short_mm');
        $this->plateLightKg = $value('hold_plate_light_kg');
        $this->plateLightScrewsMm = $value('hold_plate_light_screws_mm');
        $this->plateMiddleKg = $value('hold_plate_middle_kg');
        $this->plateMiddleScrewsMm = $value('hold_plate_middle_screws_mm');
        $this->plateHeavyKg = $value('hold_plate_heavy_kg');
        $this->plateHeavyScrewsMm = $value('hold_plate_heavy_screws_mm');
        $this->plateHeaviestScrewsMm = $value('hold_plate_heaviest_screws_mm');
        $this->plateEdgeMm = $value('hold_plate_edge_mm');
        $this->neckMm = $value('hold_neck_mm');
        $this->stubMm = $value('hold_stub_mm');
        $this->slenderTimes = $value('hold_slender_times');
        $this->handFootTimes = $value('hold_hand_foot_times');
        $this->stemShare = $value('hold_stem_share');
        $this->coreMm = $value('hold_core_mm');
        $this->coreRoomMm = $value('hold_core_room_mm');
        $this->coreFloorMm = $value('hold_core_floor_mm');
        $this->coreMinutes = $value('hold_core_minutes');
        $this->jawsBestShare = $value('hold_jaws_best_share');
        $this->shoulderMm = $value('hold_shoulder_mm');
        $this->tenonShare = $value('hold_tenon_share');
        $this->tenonTailShare = $value('hold_tenon_tail_share');
        $this->tenonTailMPerS = $value('hold_tenon_tail_m_s');
        $this->tenonLeastMm = $value('hold_tenon_least_mm');
        $this->tenonWetMm = $value('hold_tenon_wet_mm');
        $this->tenonHeavyKg = $value('hold_tenon_heavy_kg');
        $this->tenonFloorMm = $value('hold_tenon_floor_mm');
        $this->recessWallMm = $value('hold_recess_wall_mm');
        $this->recessSideWallMm = $value('hold_recess_side_wall_mm');
        $this->recessLowShare = $value('hold_recess_low_share');
        $this->recessMiddleShare = $value('hold_recess_middle_share');
        $this->recessForLow = $value('hold_recess_for_low');
        $this->recessForMiddle = $value('hold_recess_for_middle');
        $this->recessForHigh = $value('hold_recess_for_high');
        $this->recessMostHighShare = $value('hold_recess_most_high_share');
        $this->recessLeastMm = $value('hold_recess_least_mm');
        $this->recessLeastDeepMm = $value('hold_recess_least_deep_mm');
        $this->recessMm = $value('hold_recess_mm');
        $this->recessSoftMm = $value('hold_recess_soft_mm');
        $this->recessSoftN = $value('hold_recess_soft_n');
        $this->recessFloorMm = $value('hold_recess_floor_mm');
        $this->wideHighShare = $value('hold_wide_high_share');
        $this->wideHollowMm = $value('hold_wide_hollow_mm');
        $this->roundMm = $value('hold_round_mm');
        $this->vacuumN = $value('hold_vacuum_n');
        $this->vacuumFloorShare = $value('hold_vacuum_floor_share');
        $this->sealEdgeMm = $value('hold_seal_edge_mm');
        $this->sealLeastMm = $value('hold_seal_least_mm');
    }

    /**
     * How deep the screws of a plate go in, mm: the heavier the work, the deeper; into end grain as deep as any.
     */
    public function plateScrewsMm(float $kg, bool $isEndGrain): float
    {
        return match (true) {
            $isEndGrain => $this->plateHeaviestScrewsMm,
            $kg <= $this->plateLightKg => $this->plateLightScrewsMm,
            $kg <= $this->plateMiddleKg => $this->plateMiddleScrewsMm,
            $kg <= $this->plateHeavyKg => $this->plateHeavyScrewsMm,
            default => $this->plateHeaviestScrewsMm,
        };
    }

    /** The least recess for work so high, of its diameter. */
    public function recessShare(float $highShare): float
    {
        return match (true) {
            $highShare <= $this->recessLowShare => $this->recessForLow,
            $highShare <= $this->recessMiddleShare => $this->recessForMiddle,
            default => $this->recessForHigh,
        };
    }
}
