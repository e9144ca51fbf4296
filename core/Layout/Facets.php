<?php

declare(strict_types=1);

namespace HonestGrain\Layout;

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
     * @return list<string>
     */
    public function warnings(float $leftMm, float $leastMm): array
    {
        return match (true) {
            $leftMm <= 0 => [sprintf(
                'The flats are %.2f mm deep in their middle and cut through the wall by %.2f mm.', $this->depthMm(),
                -$leftMm,
            )],
            $leftMm < $leastMm => [sprintf(
                'The flats leave %.2f mm of the wall in their middle, less than the %s mm you allow. More of them '
                .'cut less deep.', $leftMm, $leastMm,
            )],
            default => [],
        };
    }
}
