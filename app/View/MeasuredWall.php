<?php

declare(strict_types=1);

namespace App\View;

/** One reading of a wall as it is shown: where, what callipers said, what is drawn there, and what that comes to. */
final readonly class MeasuredWall
{
    /** @param  bool  $matters  whether it is not as drawn */
    public function __construct(
        public float $heightMm,
        public string $height,
        public string $measured,
        public string $drawn,
        public string $verdict,
        public bool $matters,
    ) {
    }
}
