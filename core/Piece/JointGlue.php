<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Calibration\JointRates;
use HonestGrain\Coating\ProductHazard;
use HonestGrain\Words\Said;

/** What a joint or a fitting is glued with. Generic classes; the label's own times come first. */
enum JointGlue: string
{
    case Wood = 'wood-glue';
    case Epoxy = 'epoxy';
    case Ca = 'ca';

    public function label(): Said
    {
        return new Said("piece.glue.$this->value");
    }

    /** @return list<ProductHazard> what its label warns of */
    public function hazards(): array
    {
        return match ($this) {
            self::Wood => [],
            self::Epoxy => [ProductHazard::TwoPart],
            self::Ca => [ProductHazard::Cyanoacrylate],
        };
    }

    /** Before what it holds is worked, reference hours. */
    public function hours(JointRates $rates): float
    {
        return match ($this) {
            self::Wood => $rates->glueHours,
            self::Epoxy => $rates->epoxyHours,
            self::Ca => $rates->caHours,
        };
    }

    /** How long it stays clamped, reference hours. */
    public function clampHours(JointRates $rates): float
    {
        return match ($this) {
            self::Wood => $rates->glueClampHours,
            self::Epoxy => $rates->epoxyHours,
            self::Ca => $rates->caHours,
        };
    }

    /** Whether water that stands on it loosens it not. */
    public function bearsWater(): bool
    {
        return $this === self::Epoxy;
    }
}
