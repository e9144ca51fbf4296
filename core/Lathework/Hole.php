<?php

declare(strict_types=1);

namespace HonestGrain\Lathework;

/** A straight hole to be bored, and the wood it goes into. */
final readonly class Hole
{
    /**
     * @param  float  $depthMm  from the face that it starts at; of a hole right through, from face to face
     * @param  bool  $isThrough  right through, so that it may be bored from both ends
     * @param  bool  $isGummy  wood whose gum or resin heats a bit and clogs it
     * @param  int|null  $mostRpm  what the hold and the lathe allow
     */
    public function __construct(
        public float $diameterMm,
        public float $depthMm,
        public CutWood $wood,
        public bool $isThrough = false,
        public bool $isGummy = false,
        public ?int $mostRpm = null,
    ) {
    }

    /** How deep a bit has to reach at the least. */
    public function leastReachMm(): float
    {
        return $this->fromOneEnd($this->isThrough);
    }

    /** How deep it is bored from each end that it is bored from, mm. */
    public function fromOneEnd(bool $isFromBothEnds): float
    {
        return $isFromBothEnds ? $this->depthMm / 2 : $this->depthMm;
    }
}
