<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

/** What an ungraded abrasive is. */
enum MediumKind: string
{
    case Wool = 'wool';
    case Pad = 'pad';
    case Paste = 'paste';
    case Compound = 'compound';
    case Shavings = 'shavings';

    /** Whether it leaves wax or grease in the wood, so that only polish and wax hold over it. */
    public function leavesWax(): bool
    {
        return $this === self::Paste || $this === self::Compound;
    }

    public function label(): string
    {
        return match ($this) {
            self::Wool => 'steel wool',
            self::Pad => 'pad',
            self::Paste => 'paste or powder',
            self::Compound => 'compound on a wheel',
            self::Shavings => 'burnishing',
        };
    }
}
