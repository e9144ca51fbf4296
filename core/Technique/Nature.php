<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

/** What a technique does to the wood, and so what may follow it. */
enum Nature
{
    case Cuts;
    case Burns;
    case Flames;
    case Colours;

    public function leavesChar(): bool
    {
        return $this === self::Burns || $this === self::Flames;
    }
}
