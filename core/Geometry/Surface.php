<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

/** Where a band can lie. */
enum Surface: string
{
    case Outer = 'outer';
    case Inner = 'inner';
    case Rim = 'rim';

    /** The zone of the piece that this line bounds. */
    public function zone(): string
    {
        return match ($this) {
            self::Outer => 'outside',
            self::Inner => 'inside',
            self::Rim => 'rim',
        };
    }

    public static function ofZone(string $zone): self
    {
        return match ($zone) {
            'inside' => self::Inner,
            'rim' => self::Rim,
            default => self::Outer,
        };
    }
}
