<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Coating\Coating;
use HonestGrain\Geometry\Face;
use HonestGrain\Schedule\Wait;

/**
 * A coat that is laid on, by which operation and on which faces.
 *
 * @internal
 */
final readonly class LaidCoat
{
    /**
     * @param  list<Face>  $faces
     * @param  string  $last  its last operation: the coat itself, or wiping off what the wood has not drunk
     * @param  float  $slowed  how many times longer its waits are on this wood
     */
    public function __construct(
        public string $operation,
        public array $faces,
        public Coating $coating,
        public float $slowed,
        public string $last,
    ) {
    }

    /** Until it may be handled. */
    public function handled(): Wait
    {
        return Wait::hours($this->coating->handleHours * $this->slowed, null, $this->coating->kinetics());
    }
}
