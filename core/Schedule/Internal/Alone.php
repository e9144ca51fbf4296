<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * Each piece alone in the shop: which windows it must give up even so, in all ways that give up the fewest, and when
 * it ends. In a shop of many every other window is kept too, since behind all the rest each piece is alone.
 *
 * @internal
 */
final class Alone
{
    /** So many sets of windows are tried for a piece before the first that is found must do. */
    private const TRIES = 120;

    private const WAYS = 6;

    /** @var list<list<array<int, true>>> piece => ways, each the tasks whose windows are given up */
    public array $ways = [];

    /** @var list<int> piece => second (UTC) before which it cannot end */
    public array $ends = [];

    /** @var list<float> piece => weighted seconds by which it is late at least */
    public array $late = [];

    /** @var array<int, true> pinned tasks that cannot start when they are to: what is before them takes longer */
    public array $loose = [];

    /** Windows that no plan can keep. */
    public int $broken = 0;

    public function __construct(private readonly Workload $work, WaitTimes $waits)
    {
        $drift = new Drift($work->calendar, $work->problem->start);
        $decoder = new Decoder($work, $waits, drift: $drift);
        for ($piece = 0; $piece < $work->pieces(); $piece++) {
            $this->add($piece, $decoder, $drift);
        }
    }

    /** @return array<int, true> the first way of every piece */
    public function usual(): array
    {
        $all = [];
        foreach ($this->ways as $ways) {
            $all += $ways[0];
        }

        return $all;
    }

    private function add(int $piece, Decoder $decoder, Drift $drift): void
    {
        [$first, $next] = $this->work->range($piece);
        $list = array_fill(0, $next - $first, $piece);
        $open = [[]];
        $seen = $ways = $ends = [];
        $least = PHP_INT_MAX;
        for ($tries = 0; $open !== [] && ($tries < self::TRIES || $ways === []); $tries++) {
            $given = array_shift($open);
            if (count($given) > $least) {
                continue;
            }
            $drift->forget();
            $decoder->giveUp($given);
            $decoder->run($list);
            if ($drift->conflict === []) {
                if (count($decoder->broken) < $least) {
                    [$least, $ways, $ends] = [count($decoder->broken), [], []];
                }
                if (count($decoder->broken) === $least && count($ways) < self::WAYS) {
                    $ways[] = $given;
                    $ends[] = $list === [] ? $this->work->problem->start : $decoder->lastEndOf($piece);
                }

                continue;
            }
            $conflict = $drift->conflict;
            rsort($conflict);
            foreach ($tries < self::TRIES ? $conflict : [$conflict[0]] as $task) {
                $more = $given + [$task => true];
                ksort($more);
                $key = implode(' ', array_keys($more));
                if (! isset($seen[$key])) {
                    $seen[$key] = true;
                    $tries < self::TRIES ? $open[] = $more : array_unshift($open, $more);
                }
            }
        }
        foreach ($this->work->pinAt === [] ? [] : array_keys($list) as $n) {
            if ($decoder->start[$first + $n] > ($this->work->pinAt[$first + $n] ?? Workload::NEVER)) {
                $this->loose[$first + $n] = true;
            }
        }
        array_multisort($ends, $ways);
        $end = $ends[0];
        $this->ways[] = $ways;
        $this->ends[] = $end;
        $this->late[] = max(0, $end - $this->work->due[$piece]) * $this->work->weight[$piece];
        $this->broken += $least;
    }
}
