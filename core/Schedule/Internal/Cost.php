<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * How good a plan is: broken windows, then weighted lateness in seconds, then changes of batch, then the finish.
 *
 * @internal
 */
final readonly class Cost
{
    private const SAME_SECONDS = 1e-3;

    /** What a change of batch and a second of the finish are worth to a search that weighs them all at once. */
    private const SETUP = 900.0;

    private const FINISH = 1e-3;

    public function __construct(public int $broken, public float $late, public int $setups, public int $finish)
    {
    }

    public static function of(Workload $work, Decoder $decoder): self
    {
        $late = 0.0;
        $finish = $work->problem->start;
        for ($piece = 0, $count = $work->pieces(); $piece < $count; $piece++) {
            [$first, $next] = $work->range($piece);
            if ($next > $first) {
                $end = $decoder->lastEndOf($piece);
                $finish = max($finish, $end);
                $late += max(0, $end - $work->due[$piece]) * $work->weight[$piece];
            }
        }

        return new self(count($decoder->broken), $late, self::setups($work->batch, $decoder->start), $finish);
    }

    /**
     * How often what is done changes from one batch to another.
     *
     * @param  list<int>  $batches  by task, -1 for none
     * @param  array<int, int>  $starts  by task
     */
    public static function setups(array $batches, array $starts): int
    {
        $times = [];
        foreach ($batches as $t => $batch) {
            if ($batch >= 0) {
                $times[$t] = $starts[$t];
            }
        }
        asort($times);
        $setups = 0;
        $last = -1;
        foreach ($times as $t => $_) {
            $setups += $batches[$t] === $last ? 0 : 1;
            $last = $batches[$t];
        }

        return $setups;
    }

    public function isBetterThan(self $other): bool
    {
        return match (true) {
            $this->broken !== $other->broken => $this->broken < $other->broken,
            abs($this->late - $other->late) > self::SAME_SECONDS => $this->late < $other->late,
            default => [$this->setups, $this->finish] < [$other->setups, $other->finish],
        };
    }

    /** Whether it is worth moving what stands near for: a window fewer, or so many weighted seconds less late. */
    public function isWorth(self $other, float $seconds): bool
    {
        return $this->broken !== $other->broken ? $this->broken < $other->broken
            : $other->late - $this->late > $seconds;
    }

    /** All in one sum, weighted seconds. */
    public function sum(int $start): float
    {
        return Decoder::WINDOW * $this->broken + $this->late + self::SETUP * $this->setups
            + self::FINISH * ($this->finish - $start);
    }
}
