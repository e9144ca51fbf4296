<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * Sees which windows of a piece that is alone in the shop can never be kept: those that are still missed after a whole
 * week, since its weeks are alike. A closure is no part of a usual week: behind it the drift is counted afresh.
 *
 * @internal
 */
final class Drift
{
    /** @var array<int, array{int, int}> task => first and last start that missed its window */
    private array $missed = [];

    /** @var list<int> tasks whose windows cannot all be kept */
    public array $conflict = [];

    private readonly Stretches $stretches;

    public function __construct(private readonly Calendar $calendar, int $start)
    {
        $this->stretches = new Stretches($calendar, $start);
    }

    public function forget(): void
    {
        $this->missed = $this->conflict = [];
    }

    public function isForGood(int $task, int $start): bool
    {
        if ($this->conflict !== []) {
            return true;
        }
        $first = $this->missed[$task][0] ?? $start;
        $this->missed[$task] = [$first, $start];
        if ($this->calendar->hours->isClosedBetween($first, $start)) {
            $this->missed[$task] = [$start, $start];
        } elseif ($this->isMoreThanAWeek($first, $start)) {
            foreach ($this->missed as $other => [, $latest]) {
                if (! $this->isMoreThanAWeek($latest, $start)) {
                    $this->conflict[] = $other;
                }
            }
        }

        return $this->conflict !== [];
    }

    private function isMoreThanAWeek(int $from, int $to): bool
    {
        $stretches = $this->stretches->indexAfter($to) - $this->stretches->indexAfter($from);

        return $stretches > $this->calendar->hours->stretchesAWeek() + 1;
    }
}
