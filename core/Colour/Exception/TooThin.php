<?php

declare(strict_types=1);

namespace HonestGrain\Colour\Exception;

use HonestGrain\Reading\BadInput;
use HonestGrain\Words\Said;

/** A wall that would not stand what is done to it. */
final class TooThin extends BadInput
{
    public static function forScorch(float $wallMm, string $level, float $leastMm): self
    {
        return new self(
            'too-thin', 'wall_mm', new Said('colour.too-thin.wall-mm-wall-scorched', [
                'wall' => self::quote($wallMm),
                'level' => $level,
                'least' => self::quote($leastMm),
            ]),
        );
    }
}
