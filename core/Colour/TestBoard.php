<?php

declare(strict_types=1);

namespace HonestGrain\Colour;

/** A board with one dye on it, and the colours measured on its early and on its late wood. */
final readonly class TestBoard
{
    /**
     * @param  list<Rgb|null>  $measured  early wood, late wood, figure; null where none was measured
     */
    public function __construct(
        public Rgb $wood,
        public Rgb $dye,
        public string $carrier,
        public float $strength,
        public float $sandedUm,
        public ?Over $coat,
        public array $measured,
    ) {
    }
}
