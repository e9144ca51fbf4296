<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * Brings together what a piece is mounted for: in a plan that stands, a step that holds something until another one is
 * done as short before that as may be, and what is done between the two goes before both. Nothing is missed for it, and
 * no piece ends later.
 *
 * @internal
 */
final class Gathering
{
    private const DAY_SECONDS = 86_400;

    /** @var array<int, array<int, int>> day since 1970 (UTC) => tasks that start on it, or have once */
    private array $days = [];

    /** @var array<int, int> task => how much is held from its end on, less what is held until its start */
    private array $holds = [];

    public function __construct(private readonly Workload $work, private readonly Decoder $decoder)
    {
    }

    public function run(): void
    {
        foreach ($this->decoder->start as $t => $start) {
            $this->days[intdiv($start, self::DAY_SECONDS)][$t] = $t;
            foreach ($this->work->heldFor[$t] as [$holder]) {
                $this->holds[$holder] = ($this->holds[$holder] ?? 0) + 1;
                $this->holds[$t] = ($this->holds[$t] ?? 0) - 1;
            }
        }
        $stood = $this->decoder->state();
        $latestFirst = $this->decoder->start;
        $setups = Cost::setups($this->work->batch, $latestFirst);
        arsort($latestFirst);
        foreach (array_keys($latestFirst) as $t) {
            foreach ($this->work->heldFor[$t] as [$holder]) {
                if ($this->decoder->end[$holder] < $this->decoder->start[$t] && $this->mayMove($holder)) {
                    $this->bringUpTo($holder);
                }
            }
        }
        if (Cost::setups($this->work->batch, $this->decoder->start) > $setups) {
            $this->decoder->back($stood);
        }
    }

    private function mayMove(int $t): bool
    {
        $work = $this->work;

        return $work->heldNow[$t] === [] && ! isset($work->stays[$t]) && ! isset($work->pinAt[$t])
            && ! isset($this->decoder->broken[$t]);
    }

    /** Takes a step past what is done before that which it is for. */
    private function bringUpTo(int $t): void
    {
        $decoder = $this->decoder;
        $takes = $this->work->seconds[$t];
        $until = $this->latestEnd($t);
        if ($until === null) {
            return;
        }
        $free = $decoder->end[$t];
        foreach ($this->between($t, $until) as $other) {
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
        $isNext = $from <= $this->decoder->end[$t];
        if ($start > $this->decoder->start[$t] && ($start >= $from || $isNext)) {
            $this->move([$t => $start]);
        }
    }

    /** @param  non-empty-array<int, int>  $starts  task => second (UTC) */
    private function move(array $starts): void
    {
        if ($this->decoder->move($starts)) {
            foreach ($starts as $t => $start) {
                $this->days[intdiv($start, self::DAY_SECONDS)][$t] = $t;
            }
        }
    }

    /**
     * When a step must be over, so that what comes behind it in its piece stays where it is.
     *
     * @return int|null second (UTC); null where something has to dry or set after it: the sooner that begins the better
     */
    private function latestEnd(int $t): ?int
    {
        [, $next] = $this->work->range($this->work->pieceOf[$t]);
        $until = Workload::NEVER;
        for ($later = $t + 1; $later < $next; $later++) {
            foreach ($this->work->before[$later] as [$earlier, $least, , $wait]) {
                if ($earlier === $t && ($least > 0 || $wait >= 0)) {
                    return null;
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

    /** Whether no more is held idle where another step takes the place of one, and that one its end. */
    private function mayGoBefore(int $other, int $t): bool
    {
        $decoder = $this->decoder;
        $later = $decoder->end[$other] - $this->work->seconds[$t] - $decoder->start[$t];
        $sooner = $decoder->start[$other] - $decoder->start[$t];

        return $this->mayMove($other)
            && ($this->holds[$other] ?? 0) * $sooner <= ($this->holds[$t] ?? 0) * $later;
    }
}
