<?php

declare(strict_types=1);

namespace HonestGrain\Colour\Exception;

use HonestGrain\Reading\BadInput;

/** A wall that would not stand what is done to it. */
final class TooThin extends BadInput
{
    public static function forScorch(float $wallMm, string $level, float $leastMm): self
    {
        return new self(
            'too-thin', 'wall_mm', 'wall_mm is '.self::quote($wallMm)
                ."; a wall that is scorched to $level must be at least $leastMm.",
        );
    }
}
