<?php

declare(strict_types=1);

namespace HonestGrain\Lathework;

use HonestGrain\Words\Said;

/** Parts laid out on a blank: where each lies, what is needed and what is left, and why they do not fit. */
final readonly class StockLayout
{
    /**
     * @param  list<StockPlace>  $places
     * @param  float  $leftMm  of its length; below nothing where it is too short
     * @param  list<Said>  $problems
     */
    public function __construct(
        public array $places,
        public float $neededMm,
        public float $leftMm,
        public array $problems,
    ) {
    }

    public function fits(): bool
    {
        return $this->problems === [];
    }
}
