<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

/** One grit of the ladder that a face is sanded with: the scratch it leaves, its minutes and discs. */
final readonly class Rung
{
    /** @param  bool  $isForTorn  whether it is taken where end grain is torn and nowhere else */
    public function __construct(
        public Grit $grit,
        public float $scratchUm,
        public float $minutes,
        public int $discs,
        public bool $isForTorn,
    ) {
    }
}
