<?php

declare(strict_types=1);

namespace App\Figures;

use Illuminate\Support\Carbon;

/** What the plan needs more of than the shelf has, and at which piece it runs out. */
final readonly class Shortage
{
    /**
     * @param  float  $needed  by the whole plan, discs or mL
     * @param  float  $left  on the shelf
     * @param  Carbon|null  $at  when the step begins that it runs out at; null where that has no date
     */
    public function __construct(
        public string $what,
        public bool $isDiscs,
        public float $needed,
        public float $left,
        public string $piece,
        public int $pieceId,
        public ?Carbon $at,
    ) {
    }
}
