<?php

declare(strict_types=1);

namespace App\Planning;

use Illuminate\Support\Carbon;

/** What one step takes off the shelf: discs, or mL of a product. */
final readonly class Take
{
    public function __construct(
        public string $what,
        public bool $isDiscs,
        public float $amount,
        public string $piece,
        public int $pieceId,
        public ?Carbon $at,
    ) {
    }
}
