<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

/** How long a task may be left: until its latest safe start, all other pieces as planned. */
final readonly class Slack
{
    /** @param  int|null  $latestStart  second (UTC); null where nothing is late however long it waits */
    public function __construct(public ?int $latestStart, public int $start)
    {
    }

    public function hours(): ?float
    {
        return $this->latestStart === null ? null : round(($this->latestStart - $this->start) / 3600, 3);
    }
}
