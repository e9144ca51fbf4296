<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Words\Said;

/** The verdict on one layer over another, with its reason and, where it is not fine, the mend. */
final readonly class PairVerdict
{
    public function __construct(
        public Said|string $under,
        public Said|string $over,
        public Verdict $verdict,
        public Said $reason,
        public ?Said $mend = null,
    ) {
    }

    /**
     * @return array{under: Said|string, over: Said|string, verdict: string, reason: Said,
     *     mend: ?Said}
     */
    public function toArray(): array
    {
        return [
            'under' => $this->under, 'over' => $this->over, 'verdict' => $this->verdict->value,
            'reason' => $this->reason, 'mend' => $this->mend,
        ];
    }
}
