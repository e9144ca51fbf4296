<?php

declare(strict_types=1);

namespace HonestGrain\Geometry\Exception;

use HonestGrain\Reading\BadInput;

/** A wall that the outside has no room for, and where. */
final class NoRoom extends BadInput
{
    public float $zMm = 0.0;

    public float $acrossMm = 0.0;

    public static function at(float $wallMm, float $zMm, float $radiusMm): self
    {
        $self = new self('no-room', 'wall_mm', sprintf(
            'wall_mm is %s mm; at z %.1f mm the outside is only %.1f mm across, which leaves no room for it there.',
            $wallMm, $zMm, 2 * $radiusMm,
        ));
        $self->zMm = $zMm;
        $self->acrossMm = 2 * $radiusMm;

        return $self;
    }
}
