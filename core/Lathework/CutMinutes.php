<?php

declare(strict_types=1);

namespace HonestGrain\Lathework;

/** What a cut takes, by what the time goes into, min. */
final readonly class CutMinutes
{
    /**
     * @param  float  $setUp  the rest set, the tool chosen, stopping to look
     * @param  float  $waste  the wood taken off
     * @param  float  $finish  the last cut over the face
     * @param  float  $details  beads, coves and shoulders, with the change to their tool
     */
    public function __construct(
        public float $setUp,
        public float $waste,
        public float $finish,
        public float $details,
        public float $sharpening,
    ) {
    }

    public function total(): float
    {
        return array_sum($this->toArray());
    }

    /** @return array{set_up: float, waste: float, finish: float, details: float, sharpening: float} */
    public function toArray(): array
    {
        return [
            'set_up' => $this->setUp, 'waste' => $this->waste, 'finish' => $this->finish, 'details' => $this->details,
            'sharpening' => $this->sharpening,
        ];
    }
}
