<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

/** One coat of a run: when it goes on, and what then is waited for. */
final readonly class CoatStretch
{
    /**
     * @param  int  $at  second (UTC) at which it goes on
     * @param  int  $nextAt  the next coat may go on; of the last coat, it may be handled
     * @param  int|null  $closesAt  until then the next one goes on without a scuff; null where that never ends, and
     *     for the last coat
     */
    public function __construct(public int $at, public int $nextAt, public ?int $closesAt = null)
    {
    }
}
