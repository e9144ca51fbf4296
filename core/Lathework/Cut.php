<?php

declare(strict_types=1);

namespace HonestGrain\Lathework;

use HonestGrain\Calibration\CutFigures;

/**
 * One cutting operation on the lathe, from the wood that comes off and the face that is left.
 *
 * Workshop model: minutes = set-up + volume ÷ rate + area × finish + details + sharpening, where the rate goes with the
 * root of the diameter and against the root of the hardness, faster in wet wood and slower through a narrow mouth; a
 * thin wall is finished slowly. Constants `cut_*`.
 */
final readonly class Cut
{
    /**
     * @param  float  $diameterMm  before the cut
     * @param  float|null  $wallMm  what stands behind the face once it is cut; null where it is solid
     * @param  float|null  $mouthShare  of the inner width, that the tool comes in by; null where nothing is in its way
     * @param  int  $details  beads, coves and shoulders
     */
    public function __construct(
        public CutKind $kind,
        public CutWood $wood,
        public float $volumeMm3,
        public float $areaMm2,
        public float $diameterMm,
        public ?float $wallMm = null,
        public ?float $mouthShare = null,
        public int $details = 0,
    ) {
    }

    public function minutes(CutFigures $figures): CutMinutes
    {
        $wasteMinutes = $this->volumeMm3 / 1000 / $this->cm3PerMinute($figures);
        $finishMinutes = $this->kind->leavesAFinishedFace()
            ? $this->areaMm2 / 10_000 * $this->finishMinutesPer100Cm2($figures) : 0.0;
        $detailMinutes = $this->details === 0 ? 0.0
            : $figures->toolChangeMinutes + $this->details * $figures->detailMinutes / $this->softness($figures);

        return new CutMinutes(
            $figures->setUpMinutes, $wasteMinutes, $finishMinutes, $detailMinutes,
            $figures->sharpenMinutes * floor(($wasteMinutes + $finishMinutes) / $figures->sharpenEveryMinutes + 1e-9),
        );
    }

    public function cm3PerMinute(CutFigures $figures): float
    {
        $base = match (true) {
            ! $this->kind->isHollowing() => $figures->outsideCm3PerMinute,
            $this->wood->isEndGrain() => $figures->endGrainCm3PerMinute,
            default => $figures->sideGrainCm3PerMinute,
        };
        $size = min($figures->mostSizeTimes, sqrt($this->diameterMm / $figures->referenceDiameterMm));

        return $base * $size * $this->softness($figures)
            * ($this->isThroughNarrowMouth($figures) ? $figures->narrowMouthTimes : 1.0);
    }

    public function finishMinutesPer100Cm2(CutFigures $figures): float
    {
        return $figures->finishMinutesPer100Cm2
            * ($this->wallMm === null ? 1.0 : max(1.0, ($figures->thinWallMm / $this->wallMm) ** 1.5))
            * ($this->isThroughNarrowMouth($figures) ? $figures->narrowMouthFinishTimes : 1.0);
    }

    /** Whether the wall is so thin that it is cut in rings, each finished before the next. */
    public function isInRings(CutFigures $figures): bool
    {
        return $this->kind->leavesAFinishedFace() && $this->wallMm !== null && $this->wallMm < $figures->ringsBelowMm;
    }

    private function isThroughNarrowMouth(CutFigures $figures): bool
    {
        return $this->kind->isHollowing() && $this->mouthShare !== null
            && $this->mouthShare < $figures->narrowMouthShare;
    }

    /** How much faster it is cut than dry wood of the reference hardness. */
    private function softness(CutFigures $figures): float
    {
        return ($figures->referenceHardnessN / $this->wood->hardnessN) ** $figures->hardnessPower
            * ($this->wood->isWet ? $figures->wetTimes : 1.0);
    }
}
