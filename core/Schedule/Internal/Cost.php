<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * How good a plan is: broken windows, then weighted lateness in seconds, then changes of batch, then how much hangs on
 * the last day, then the finish: that of the last piece, then that of each.
 *
 * @internal
 */
final readonly class Cost
{
    private const SAME_SECONDS = 1e-3;

    /**
     * What a change of batch, a second that hangs on the last day and one of the finish are worth to a search that
     * weighs them all at once.
     */
    private const SETUP = 900.0;

    private const TIGHT = 1e-4;

    private const FINISH = 1e-3;

    /** So long before its last possible start a task is early enough: a day may go wrong. */
    private const SPARE_SECONDS = 86_400;

    /**
     * @param  float  $tight  weighted seconds that tasks lack of a day to spare: an average for each piece, summed
     * @param  int  $ends  seconds from the start to the end of each piece, summed
     */
    public function __construct(
        public int $broken,
        public float $late,
        public int $setups,
        public float $tight,
        public int $finish,
        public int $ends,
    ) {
    }

    /** Of a plan in which every task is placed. */
    public static function of(Workload $work, Decoder $decoder): self
    {
        $late = $tight = 0.0;
        $sum = 0;
        $finish = $start = $work->problem->start;
        $ends = $decoder->end;
        $tail = $work->tail;
        for ($piece = 0, $count = $work->pieces(); $piece < $count; $piece++) {
            [$first, $next] = $work->range($piece);
            $due = $work->due[$piece];
            // What lacks of a day before each must be done, waits and work behind it at their least, day and night.
            $lacks = $last = 0;
            for ($t = $first; $t < $next; $t++) {
                $end = $ends[$t];
                $last = $end > $last ? $end : $last;
                $over = $end + $tail[$t] - $due + self::SPARE_SECONDS;
                $lacks += $over > 0 ? $over : 0;
            }
            $finish = $last > $finish ? $last : $finish;
            $sum += $last > $start ? $last - $start : 0;
            $late += max(0, $last - $due) * $work->weight[$piece];
            $tight += $lacks / max(1, $next - $first) * $work->weight[$piece];
        }

        return new self(
            broken: count($decoder->broken), late: $late,
            setups: $work->batches() === 0 ? 0 : self::setups($work->batch, $decoder->start),
            tight: $tight, finish: $finish, ends: $sum,
        );
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
            $this->setups !== $other->setups => $this->setups < $other->setups,
            abs($this->tight - $other->tight) > self::SAME_SECONDS => $this->tight < $other->tight,
            $this->finish !== $other->finish => $this->finish < $other->finish,
            default => $this->ends < $other->ends,
        };
    }

    /** Whether it is worth moving what stands near for: a window fewer, or so many weighted seconds less late. */
    public function isWorth(self $other, float $seconds): bool
    {
        return $this->broken !== $other->broken ? $this->broken < $other->broken
            : $other->late - $this->late > $seconds;
    }

    /**
     * All in one sum, weighted seconds.
     *
     * @param  float  $sooner  what it is worth that a piece ends a second sooner
     */
    public function sum(int $start, float $sooner = 0.0): float
    {
        return Decoder::WINDOW * $this->broken + $this->late + self::SETUP * $this->setups
            + self::TIGHT * $this->tight + self::FINISH * ($this->finish - $start) + $sooner * $this->ends;
    }
}
