<?php

declare(strict_types=1);

namespace HonestGrain\Rack;

use HonestGrain\Words\Said;

/** How a blank is kept from drying too fast. */
enum Keeping: string
{
    case Open = 'open';
    case EndsSealed = 'ends-sealed';
    case Waxed = 'waxed';
    case Wrapped = 'wrapped';
    case Bagged = 'bagged';
    case Kiln = 'kiln';
    case InWater = 'in-water';

    public function label(): Said
    {
        return match ($this) {
            self::Open => new Said('rack.keeping.in-the-open'),
            self::EndsSealed => new Said('rack.keeping.ends-sealed'),
            self::Waxed => new Said('rack.keeping.waxed-all-over'),
            self::Wrapped => new Said('rack.keeping.wrapped-paper'),
            self::Bagged => new Said('rack.keeping.in-a-bag'),
            self::Kiln => new Said('rack.keeping.in-a-kiln'),
            self::InWater => new Said('rack.keeping.in-water'),
        };
    }

    /** What slows it more, where it loses too fast. */
    public function slower(): Said
    {
        return match ($this) {
            self::Open, self::Kiln => new Said('rack.keeping.seal-ends-or-wrap'),
            self::EndsSealed, self::Wrapped => new Said('rack.keeping.wax-all-over-or'),
            default => new Said('rack.keeping.move-cooler-damper-air'),
        };
    }
}
