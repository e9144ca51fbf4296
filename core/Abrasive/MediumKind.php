<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Words\Said;

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

    public function label(): Said
    {
        return new Said("abrasive.media.$this->value");
    }
}
