<?php

declare(strict_types=1);

namespace HonestGrain\Mending;

use HonestGrain\Words\Said;

/** What can go wrong while a piece is made. */
enum FaultKind: string
{
    case Crack = 'crack';
    case Catch = 'catch';
    case Torn = 'torn';
    case Scratches = 'scratches';
    case SandedThrough = 'sanded-through';
    case Blotch = 'blotch';
    case Drip = 'drip';
    case Nibs = 'nibs';
    case Streaks = 'streaks';
    case Tacky = 'tacky';
    case Bloom = 'bloom';
    case LidStuck = 'lid-stuck';
    case Weeps = 'weeps';
    case Dropped = 'dropped';
    case Metal = 'metal';
    case Knot = 'knot';
    case Warped = 'warped';
    case Ripples = 'ripples';
    case Smears = 'smears';
    case Oval = 'oval';
    case Slipped = 'slipped';
    case BoreOff = 'bore-off';

    /** Whether it is of a coat, so that bare wood cannot have it. */
    public function isOfACoat(): bool
    {
        return in_array($this, [self::Drip, self::Nibs, self::Streaks, self::Tacky, self::Bloom], true);
    }

    /** Whether it lies at one place, and does not take a whole face. */
    public function isLocal(): bool
    {
        return in_array($this, [
            self::Crack, self::Catch, self::Drip, self::Dropped, self::Metal, self::Knot, self::SandedThrough,
        ], true);
    }

    /** Whether making the part again is weighed beside mending it. */
    public function mayEndAPart(): bool
    {
        return in_array($this, [
            self::Crack, self::Catch, self::Dropped, self::Metal, self::Knot, self::Warped, self::Slipped,
            self::BoreOff,
        ], true);
    }

    public function label(): Said
    {
        return new Said("mending.faults.$this->value");
    }
}
