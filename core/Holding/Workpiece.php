<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Profile;

/** A part as a hold finds it at a stage: its drawn shape, how large it is by then, and what its wood is like. */
final readonly class Workpiece
{
    /**
     * @param  bool  $keepsCore  whether its maker hollows it round a core that the tail centre bears on
     * @param  bool  $isTailEarly  whether its maker takes the tail centre away once it runs true
     */
    public function __construct(
        public HoldStage $stage,
        public Profile $profile,
        public GrainDirection $grain,
        public WorkSize $size,
        public WorkWood $wood,
        public bool $hasPartner = false,
        public bool $keepsCore = false,
        public bool $isTailEarly = false,
    ) {
    }

    public function isHollow(): bool
    {
        return $this->profile->inner !== null;
    }

    /** What is worked at this stage. */
    public function worked(): Face
    {
        return match ($this->stage) {
            HoldStage::Inside => $this->isHollow() ? Face::Inside : Face::Outside,
            HoldStage::Outside => Face::Outside,
            HoldStage::Foot => Face::Foot,
        };
    }

    public function isSide(): bool
    {
        return $this->grain === GrainDirection::Side;
    }

    /** How wide its foot is, mm. */
    public function footMm(): float
    {
        return 2 * $this->profile->standsOn()->r;
    }

    /** How wide its mouth is, mm; of what is not hollow its upper end. */
    public function mouthMm(): float
    {
        return 2 * ($this->profile->inner?->first()->r ?? $this->profile->outer->last()->r);
    }

    /** How deep it is hollowed at the most, mm. */
    public function deepMm(): float
    {
        $inner = $this->profile->inner;

        return $inner === null ? 0.0 : $inner->first()->z - $inner->last()->z;
    }

    public function isBored(): bool
    {
        return $this->profile->bore?->isThrough() === true;
    }
}
