<?php

declare(strict_types=1);

namespace HonestGrain\Coating\Exception;

use HonestGrain\Reading\BadInput;

/** A wait that never ends in the air it is given. */
final class Stalled extends BadInput
{
    public static function at(float $doneHours, float $needHours, string $why): self
    {
        return new self(
            'stalled', 'climate',
            sprintf(
                'The wait stops at %.1f of %.1f reference hours and never ends: %s. It needs warmer or drier air.',
                $doneHours, $needHours, $why,
            ),
        );
    }
}
