<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * Brings together what a piece is mounted for, then what is dusted and its coat: in a plan that stands, a step that
 * holds something until another one, or makes it clean for it, is done as short before that as may be, and what is done
 * between the two goes before both. Nothing is missed for it, and no piece ends later.
 *
 * @internal
 */
final class Gathering
{
    private const DAY_SECONDS = 86_400;

    /** @var array<int, array<int, int>> day since 1970 (UTC) => tasks that start on it, or have once */
    private array $days = [];

    /**
     * @var list<array<int, int>> for what is brought together, and has been: task => how much waits for another one
     *     from its end on, less what waits for its start
     */
    private array $waiting = [];

    private readonly BatchOrder $batches;

    public function __construct(private readonly Workload $work, private readonly Decoder $decoder)
    {
        $this->batches = new BatchOrder($work->batch, $decoder->start);
        foreach ($decoder->start as $t => $start) {
            $this->days[intdiv($start, self::DAY_SECONDS)][$t] = $t;
        }
    }

    public function run(): void
    {
        $this->gather(array_map(fn (array $held): array => array_column($held, 0), $this->work->heldFor));
        $this->gather($this->work->soonAfter);
    }

    /** @param  array<int, list<int>>  $before  task => those that are to be brought up to it */
    private function gather(array $before): void
    {
        $waiting = [];
        foreach ($before as $t => $first) {
            foreach ($first as $one) {
                $waiting[$one] = ($waiting[$one] ?? 0) + 1;
                $waiting[$t] = ($waiting[$t] ?? 0) - 1;
            }
        }
        $this->waiting[] = $waiting;
        $latestFirst = $this->decoder->start;
        arsort($latestFirst);
        foreach (array_keys($latestFirst) as $t) {
            foreach ($before[$t] as $one) {
                $until = $this->latestEnd($one);
                if ($this->decoder->end[$one] < $until && $this->mayMove($one)) {
                    $this->bringTo($one, $until);
                }
            }
        }
    }

    private function mayMove(int $t): bool
    {
        $work = $this->work;

        return $work->heldNow[$t] === [] && ! isset($work->stays[$t]) && ! isset($work->pinAt[$t])
            && ! isset($this->decoder->broken[$t]);
    }

    /** Takes a step past what is done until a second, unless batches are changed more often for it. */
    private function bringTo(int $t, int $until): void
    {
        $decoder = $this->decoder;
        $stood = $decoder->state();
        $places = $this->batches->places($decoder->start, $decoder->start[$t], $until);
        $this->goPast($t, $until);
        if ($decoder->start !== $stood->marks[0] && ! $this->batches->reorder($places, $decoder->start)) {
            $decoder->back($stood);
        }
    }

    private function goPast(int $t, int $until): void
    {
        $decoder = $this->decoder;
        $takes = $this->work->seconds[$t];
        $between = $this->between($t, $until);
        $free = $decoder->end[$t];
        if ($this->allGoBefore($between, $t, $until)) {
            [$between, $free] = [[], $decoder->end[$t]];
        }
        foreach ($between as $other) {
            $this->later($t, $free, $decoder->start[$other]);
            $free = $ends = $decoder->end[$other];
            $start = $decoder->start[$t];
            if ($ends <= $until && $decoder->opens($other) <= $start && $this->mayGoBefore($other, $t)) {
                $this->move([$other => $start, $t => $ends - $takes]);
            }
        }
        $this->later($t, $free, $until);
    }

    /** Puts a step to the end of a stretch in which its hands are free. */
    private function later(int $t, int $from, int $until): void
    {
        $start = $until - $this->work->seconds[$t];
        $later = $start - $this->decoder->start[$t];
        $isNext = $from <= $this->decoder->end[$t];
        if ($later > 0 && ($start >= $from || $isNext) && ! $this->keepsWaiting($t, $later)) {
            $this->move([$t => $start]);
        }
    }

    /**
     * @param  non-empty-array<int, int>  $starts  task => second (UTC)
     * @return bool whether they stand there
     */
    private function move(array $starts): bool
    {
        if (! $this->decoder->move($starts)) {
            return false;
        }
        foreach ($starts as $t => $start) {
            $this->days[intdiv($start, self::DAY_SECONDS)][$t] = $t;
        }

        return true;
    }

    /**
     * When a step must be over, so that what comes behind it in its piece stays where it is.
     *
     * @return int second (UTC); 0 where something has to dry or set after it: the sooner that begins the better
     */
    private function latestEnd(int $t): int
    {
        [, $next] = $this->work->range($this->work->pieceOf[$t]);
        $until = Workload::NEVER;
        for ($later = $t + 1; $later < $next; $later++) {
            foreach ($this->work->before[$later] as [$earlier, $least, , $wait]) {
                if ($earlier === $t && ($least > 0 || $wait >= 0)) {
                    return 0;
                }
                $until = $earlier === $t ? min($until, $this->decoder->start[$later]) : $until;
            }
            foreach ($this->work->heldFor[$later] as [$holder]) {
                $until = $holder === $t ? min($until, $this->decoder->start[$later]) : $until;
            }
        }

        return $until;
    }

    /** @return list<int> what is done with the same hands or tools between the end of a step and a second, in order */
    private function between(int $t, int $until): array
    {
        $needs = $this->needs($t);
        $from = $this->decoder->end[$t];
        $found = [];
        for ($day = intdiv($from, self::DAY_SECONDS); $day <= intdiv($until, self::DAY_SECONDS); $day++) {
            foreach ($this->days[$day] ?? [] as $other) {
                $start = $this->decoder->start[$other];
                if ($start >= $from && $start < $until && array_intersect($needs, $this->needs($other)) !== []) {
                    $found[$other] = $start;
                }
            }
        }
        asort($found);

        return array_keys($found);
    }

    /** @return list<int> resources */
    private function needs(int $t): array
    {
        $needs = $this->work->crews[$t][$this->decoder->crew[$t]]->needs;
        $resources = [];
        for ($n = 0, $count = count($needs); $n < $count; $n += 2) {
            $resources[] = $needs[$n];
        }

        return $resources;
    }

    /** Whether another step may take the place of one, and that one its end. */
    private function mayGoBefore(int $other, int $t): bool
    {
        $decoder = $this->decoder;
        $later = $decoder->end[$other] - $this->work->seconds[$t] - $decoder->start[$t];
        $sooner = $decoder->start[$other] - $decoder->start[$t];

        return $this->mayMove($other) && ! $this->keepsWaiting($t, $later, [$other], $sooner);
    }

    /**
     * Puts a step behind several others, which are sooner by what it takes.
     *
     * @param  list<int>  $others  in order
     * @return bool whether they are
     */
    private function allGoBefore(array $others, int $t, int $until): bool
    {
        $decoder = $this->decoder;
        $takes = $this->work->seconds[$t];
        $starts = [];
        $ends = $decoder->end[$t];
        foreach ($others as $other) {
            if (! $this->mayMove($other) || $decoder->end[$other] > $until) {
                return false;
            }
            $starts[$other] = $decoder->start[$other] - $takes;
            $ends = max($ends, $decoder->end[$other]);
        }
        $isWorse = $this->keepsWaiting($t, $ends - $decoder->end[$t], $others, $takes);

        return $starts !== [] && ! $isWorse && $this->move($starts + [$t => $ends - $takes]);
    }

    /**
     * Whether more is kept waiting in all, seconds, where one step is later by so much and others sooner.
     *
     * @param  list<int>  $others
     */
    private function keepsWaiting(int $t, int $later, array $others = [], int $sooner = 0): bool
    {
        foreach ($this->waiting as $waiting) {
            $more = -($waiting[$t] ?? 0) * $later;
            foreach ($others as $other) {
                $more += ($waiting[$other] ?? 0) * $sooner;
            }
            if ($more > 0) {
                return true;
            }
        }

        return false;
    }
}
