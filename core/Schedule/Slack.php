<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

/** How long a task may be left, all other pieces as planned. */
final readonly class Slack
{
    /**
     * @param  int|null  $latestStart  second (UTC) of its latest safe start; null where nothing is late however long it
     *     waits
     * @param  int|null  $mustStart  the same as if its piece had the shop to itself: after it a date or a window is
     *     lost whatever is changed for its sake
     */
    public function __construct(public ?int $latestStart, public ?int $mustStart, public int $start)
    {
    }

    public function hours(): ?float
    {
        return $this->latestStart === null ? null : round(($this->latestStart - $this->start) / 3600, 3);
    }
}
