<?php

declare(strict_types=1);

namespace App\View;

/** How a tin says that its finish is mixed. */
final readonly class TinRatio
{
    /**
     * @param  float  $thinnerPercent  of the mix
     * @param  float  $resin  parts; none where it is not known yet
     * @param  array{float, float}|null  $densities  resin and hardener, g/mL
     */
    public function __construct(
        public float $thinnerPercent,
        public float $resin,
        public float $hardener,
        public bool $byMass,
        public ?array $densities,
    ) {
    }
}
