<?php

declare(strict_types=1);

namespace HonestGrain\Geometry\Exception;

use HonestGrain\Reading\BadInput;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** A wall that the outside has no room for, and where. */
final class NoRoom extends BadInput
{
    public float $zMm = 0.0;

    public float $acrossMm = 0.0;

    public static function at(float $wallMm, float $zMm, float $radiusMm): self
    {
        $self = new self('no-room', 'wall_mm', new Said('geometry.no-room.wall-mm-z-outside', [
            'wall' => Quantity::mm($wallMm),
            'z' => Quantity::mm($zMm),
            'what' => Quantity::mm(2 * $radiusMm),
        ]));
        $self->zMm = $zMm;
        $self->acrossMm = 2 * $radiusMm;

        return $self;
    }
}
