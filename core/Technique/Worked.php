<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

/** What follows from a mark's settings on its band. */
final readonly class Worked
{
    /**
     * @param  float  $minutes  hands-on
     * @param  list<Figure>  $figures
     * @param  list<Finding>  $findings
     * @param  list<string>  $says  how it is done, for the step
     * @param  list<int>  $holes  that the index pin goes into, and of which plate
     */
    public function __construct(
        public float $minutes,
        public array $figures = [],
        public array $findings = [],
        public array $says = [],
        public ?int $plate = null,
        public array $holes = [],
        public int $parts = 0,
    ) {
    }
}
