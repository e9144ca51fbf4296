<?php

declare(strict_types=1);

namespace HonestGrain\Lathework;

/** Where a part lies along a blank, with what it is held by, mm from the end that is turned first. */
final readonly class StockPlace
{
    public function __construct(public StockPart $part, public float $fromMm, public float $toMm)
    {
    }
}
