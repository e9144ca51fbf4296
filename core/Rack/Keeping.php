<?php

declare(strict_types=1);

namespace HonestGrain\Rack;

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

    public function label(): string
    {
        return match ($this) {
            self::Open => 'in the open',
            self::EndsSealed => 'ends sealed',
            self::Waxed => 'waxed all over',
            self::Wrapped => 'wrapped in paper',
            self::Bagged => 'in a bag',
            self::Kiln => 'in a kiln',
            self::InWater => 'in water',
        };
    }

    /** What slows it more, where it loses too fast. */
    public function slower(): string
    {
        return match ($this) {
            self::Open, self::Kiln => 'seal its ends, or wrap it in paper',
            self::EndsSealed, self::Wrapped => 'wax it all over, or put it in a bag',
            default => 'move it to cooler and damper air',
        };
    }
}
