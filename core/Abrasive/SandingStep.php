<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

/** One grit of a progression, priced: valley before and after and through-pad removal in µm, minutes, discs. */
final readonly class SandingStep
{
    public function __construct(
        public Grit $grit,
        public float $fromUm,
        public float $scratchUm,
        public float $removalUm,
        public float $minutes,
        public int $discs,
    ) {
    }

    /** @return array{grit: string, micron: float, scratch_um: float, removal_um: float, minutes: float, discs: int} */
    public function toArray(): array
    {
        return [
            'grit' => $this->grit->name,
            'micron' => $this->grit->micron,
            'scratch_um' => round($this->scratchUm, 4),
            'removal_um' => round($this->removalUm, 3),
            'minutes' => round($this->minutes, 4),
            'discs' => $this->discs,
        ];
    }
}
