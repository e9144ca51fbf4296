<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Calibration\MixFigures;

/** How much goes into a cup, mL: what the coats need, and what the cup keeps. */
final readonly class Cup
{
    private function __construct(public float $neededMl, public float $wasteMl)
    {
    }

    /** As much as is asked for, with nothing added. */
    public static function of(float $volumeMl): self
    {
        return new self($volumeMl, 0.0);
    }

    /**
     * Enough for coats on several surfaces: exact on their coverage; what the least cup wastes is a workshop figure.
     *
     * @param  list<array{cm2: float, m2PerL: float}>  $coats
     */
    public static function forCoats(array $coats, MixFigures $figures): self
    {
        $ml = 0.0;
        foreach ($coats as $coat) {
            $ml += $coat['cm2'] / $coat['m2PerL'] / 10;
        }

        return new self($ml, $figures->leastCupMl);
    }

    public function volumeMl(): float
    {
        return $this->neededMl + $this->wasteMl;
    }
}
