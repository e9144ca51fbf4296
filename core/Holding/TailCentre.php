<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

/** How a hold stands to the tail centre. */
enum TailCentre: string
{
    case None = 'none';
    case May = 'may';
    case Must = 'must';
}
