<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Geometry\Curve;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Profile;

/** The line of the drawing that a flaw lies along. */
enum FlawPlace: string
{
    case Outer = 'outer';
    case Inner = 'inner';
    case Rim = 'rim';
    case Foot = 'foot';

    public function zone(): string
    {
        return match ($this) {
            self::Outer => 'outside',
            self::Inner => 'inside',
            self::Rim => 'rim',
            self::Foot => 'foot',
        };
    }

    /** How long the line is, mm; 0 where the part has none. The foot counts from its edge to the middle. */
    public function lengthMm(Profile $profile): float
    {
        return match ($this) {
            self::Outer => $profile->outer->lengthMm(),
            self::Inner => $profile->inner?->lengthMm() ?? 0.0,
            self::Rim => Measurement::rim($profile)?->lengthMm() ?? 0.0,
            self::Foot => $profile->outer->first()->r,
        };
    }

    public function curve(Profile $profile): ?Curve
    {
        return match ($this) {
            self::Outer => $profile->outer,
            self::Inner => $profile->inner,
            self::Rim => Measurement::rim($profile),
            self::Foot => null,
        };
    }
}
