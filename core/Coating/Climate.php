<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

/** The air of a shop over time, as stretches within which temperature and humidity stay the same. */
interface Climate
{
    /**
     * The stretch that holds at a moment (seconds since 1970, UTC).
     */
    public function stretchAt(int $second): ClimateStretch;
}
