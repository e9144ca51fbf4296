<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Words\Said;

/** How two parts meet. */
enum JointKind: string
{
    case Lifts = 'lifts';
    case GluedTenon = 'glued-tenon';
    case Plug = 'plug';
    case Slip = 'slip';
    case Ball = 'ball';

    public function label(): Said
    {
        return new Said("piece.joint-kind.$this->value");
    }

    public function isGlued(): bool
    {
        return $this === self::GluedTenon || $this === self::Plug;
    }

    /** Whether the one is held by the other, so that it can be pressed in or on it. */
    public function isFitted(): bool
    {
        return $this === self::Lifts || $this === self::Slip;
    }

    /** Where the second part sits on the first, where nothing else is said. */
    public function usualPlace(): JointPlace
    {
        return $this === self::Plug ? JointPlace::Foot : JointPlace::Top;
    }
}
