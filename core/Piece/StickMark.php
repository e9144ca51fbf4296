<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Words\Said;

/** One line of a story stick: how high over the foot, how wide the outside is there, and how thick its wall. */
final readonly class StickMark
{
    /** @param  float|null  $wallMm  level, from the outside to the inside; null where it is solid */
    public function __construct(
        public float $heightMm,
        public float $diameterMm,
        public ?float $wallMm,
        public Said $what,
    ) {
    }
}
