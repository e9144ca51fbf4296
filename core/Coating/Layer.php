<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

/**
 * One layer of a stack: the product, how the layer below was rubbed before it, and how long that had dried (reference
 * hours).
 */
final readonly class Layer
{
    public function __construct(
        public Product $product,
        public ?Denib $denib = null,
        public ?float $hoursSincePrevious = null,
    ) {
    }

    /** What lies between this layer and the one below it. */
    public function since(): Between
    {
        return new Between($this->hoursSincePrevious, $this->denib);
    }
}
