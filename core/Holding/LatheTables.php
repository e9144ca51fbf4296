<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

use HonestGrain\Lathework\BarTable;
use HonestGrain\Lathework\BitTable;

/** What there is to hold work with on a lathe, and to bore it. */
final readonly class LatheTables
{
    public function __construct(public BitTable $bits, public HoldTable $holds, public BarTable $bars)
    {
    }
}
