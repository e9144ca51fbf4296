<?php

declare(strict_types=1);

namespace HonestGrain\Coating\Exception;

use HonestGrain\Reading\BadInput;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** A wait that never ends in the air it is given. */
final class Stalled extends BadInput
{
    public static function at(float $doneHours, float $needHours, Said $why): self
    {
        return new self(
            'stalled', 'climate',
            new Said('coating.stalled.wait-stops-reference-hours', [
                'done' => Quantity::count($doneHours),
                'need' => Quantity::count($needHours),
                'why' => $why,
            ]),
        );
    }
}
