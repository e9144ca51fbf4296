<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Holding\HoldStage;
use HonestGrain\Holding\Workpiece;
use HonestGrain\Holding\WorkSize;
use HonestGrain\Holding\WorkWood;
use HonestGrain\Technique\OpensWall;
use HonestGrain\Wood\Pore;

/** A part as each of its holds finds it: a blank, then turned but not hollowed, then whole. */
final readonly class Workpieces
{
    /**
     * @param  bool  $isTrue  whether it is round, and did not dry oval
     * @param  bool  $isTailEarly  whether the tail centre goes once it runs true
     * @param  bool  $hasPartner  whether it is fitted into another part, or another into it, without glue
     */
    public function __construct(
        private Part $part,
        private Calibration $calibration,
        private bool $isWet = false,
        private bool $isTrue = true,
        private bool $hasPartner = false,
        private ?PieceStock $stock = null,
        private bool $isTailEarly = false,
    ) {
    }

    public function at(HoldStage $stage): Workpiece
    {
        $part = $this->part;

        return new Workpiece(
            stage: $stage, profile: $part->profile, grain: $part->grain, size: $this->size($stage),
            wood: new WorkWood(
                mayFly: $part->mayFly(), isOpen: $this->isOpen(), hasBrokenRim: $this->hasBrokenRim(),
                isWet: $this->isWet, isTrue: $this->isTrue,
                isPorous: $part->grain === GrainDirection::End && $part->wood->nature->pore === Pore::Open,
                hardnessN: $part->wood->figures->jankaN, rim: $part->rim(),
            ), hasPartner: $this->hasPartner, keepsCore: $part->keepsCore(),
            isTailEarly: $this->isTailEarly,
        );
    }

    /** What a round blank of it measures. */
    public function blank(): WorkSize
    {
        $blank = PartBlank::of($this->part, $this->stock, $this->calibration);

        return new WorkSize(
            $blank->acrossMm, $blank->highMm, $this->massG(M_PI / 4 * $blank->acrossMm ** 2 * $blank->highMm),
        );
    }

    private function size(HoldStage $stage): WorkSize
    {
        $profile = $this->part->profile;

        return match ($stage) {
            HoldStage::Outside => $this->blank(),
            HoldStage::Inside => new WorkSize($profile->diameterMm(), $profile->heightMm(), $this->massG(
                Measurement::volumeOf($profile->solid()),
            )),
            HoldStage::Foot => new WorkSize($profile->diameterMm(), $profile->heightMm(), $this->part->massG()),
        };
    }

    /** What so much of its wood weighs; null where nobody knows how heavy it is. */
    private function massG(float $mm3): ?float
    {
        $gPerCm3 = $this->part->wood->densityGPerCm3($this->part->moisturePercent);

        return $gPerCm3 === null ? null : $mm3 * $gPerCm3 / 1000;
    }

    private function hasBrokenRim(): bool
    {
        return $this->part->wearsBark() || $this->part->isEdged();
    }

    private function isOpen(): bool
    {
        $open = array_filter($this->part->flaws, fn (Flaw $flaw): bool => $flaw->kind->isOpen());
        $pierced = array_filter($this->part->marks, fn (Mark $mark): bool => $mark->technique instanceof OpensWall);

        return $open !== [] || $pierced !== [] || $this->part->profile->bore?->isThrough() === true;
    }
}
