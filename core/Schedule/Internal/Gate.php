<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * A resource of which there is one and which is only taken in working hours, such as a maker: kept day by day.
 *
 * @internal
 */
final readonly class Gate
{
    public function __construct(public int $resource, public Stretches $hours, public Stretches $days)
    {
    }
}
