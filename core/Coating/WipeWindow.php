<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

/** When what the wood has not drunk is wiped off, minutes after it was laid on. */
final readonly class WipeWindow
{
    public function __construct(public float $afterMinutes, public float $untilMinutes)
    {
    }
}
