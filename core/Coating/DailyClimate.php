<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

/** An air that may go the same way day after day, so that a long wait need not be followed hour by hour. */
interface DailyClimate extends Climate
{
    /** How many whole days from a second (UTC) on go exactly alike, of 24 hours each; 0 where they do not. */
    public function alikeDays(int $second): int;
}
