<?php

declare(strict_types=1);

namespace HonestGrain\Layout;

use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** Flats cut round a turned piece until they meet. Physics: cut R(1 − cos(π/N)), width 2R·sin(π/N). */
final readonly class Facets
{
    public function __construct(public int $count, public float $radiusMm)
    {
    }

    /** In the middle of a flat. */
    public function depthMm(): float
    {
        return $this->radiusMm * (1 - cos(M_PI / $this->count));
    }

    public function widthMm(): float
    {
        return 2 * $this->radiusMm * sin(M_PI / $this->count);
    }

    /**
     * @param  float  $leftMm  of the wall, in the middle of a flat
     * @return list<Said>
     */
    public function warnings(float $leftMm, float $leastMm): array
    {
        return match (true) {
            $leftMm <= 0 => [new Said('layout.facets.flats-deep-their-middle', [
                'depth' => Quantity::mm($this->depthMm()),
                'what' => Quantity::mm(-$leftMm),
            ])],
            $leftMm < $leastMm => [new Said('layout.facets.flats-leave-wall-their', [
                'left' => Quantity::mm($leftMm),
                'least' => Quantity::mm($leastMm),
            ])],
            default => [],
        };
    }
}
