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
