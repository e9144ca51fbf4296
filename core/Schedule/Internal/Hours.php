<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * The hours of the shop, or of somebody in it: its stretches, with the breaks of a day kept or worked through.
 *
 * @internal
 */
final class Hours
{
    /** No break of a day is longer. */
    private const DAY = 86_400;

    public readonly Stretches $days;

    /** @var array<int, Stretches> by the longest break that is worked through */
    private array $through = [];

    public function __construct(private readonly Calendar $calendar, private readonly int $start)
    {
        $this->days = new Stretches($calendar->through(self::DAY), $start);
    }

    public function through(int $seconds): Stretches
    {
        return $this->through[$seconds] ??= new Stretches(
            $this->calendar->through($seconds), $this->start, $this->days,
        );
    }
}
