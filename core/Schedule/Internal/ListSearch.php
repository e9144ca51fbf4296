<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * Looks for the best list: of several good ones it takes the best, and then, round for round, cools the dates of pieces
 * and the tasks one by one (small changes at random, at first worse ones too, in the end only better ones).
 *
 * @internal
 */
final class ListSearch
{
    /** The share of a round that goes to the dates of pieces. */
    private const DATES = 0.55;

    private const DATES_OF_FEW = 0.3;

    /** Where each cooling begins and ends, as a share of what weighted lateness an average piece might lose. */
    private const HOT_DATES = 0.3;

    private const HOT_TASKS = 0.03;

    private const HOT_FEW = 0.05;

    private const COLD = 0.005;

    /** A shop of no more tasks is gone over more often, and hotter. */
    private const FEW = 250;

    private const ROUNDS_OF_FEW = 4;

    private const ROUNDS = 2;

    /** So many looks at each task are best spent on one series; with more it begins anew. */
    private const SERIES = 7_000;

    /** Lateness under which nothing is told apart, weighted seconds. */
    private const LEAST_SCALE = 3600.0;

    /** A change is also given up where it looks worse than what would be taken by so many temperatures. */
    private const MARGIN = 10.0;

    /** After so many changes the list is put in order of time again. */
    private const SORTED_AFTER = 50;

    /** What nothing can make less late is looked at no longer than this share of the effort, for batches and finish. */
    private const NOTHING_LATE = 0.25;

    /** Where nearly nothing can be less late, a piece that ends a day sooner is worth some five changes of batch. */
    private const SOONER = 0.05;

    /** Nearly: so much of what is late whatever one does. */
    private const NEARLY = 0.01;

    private ?Cost $best = null;

    /** @var list<int> the best so far */
    private array $list = [];

    /** @var array<int, true> */
    private array $givenUp;

    private readonly int $start;

    private readonly Precedence $precedence;

    private readonly float $leastLate;

    private readonly int $leastEnds;

    public function __construct(
        private readonly Workload $work,
        private readonly Alone $alone,
        private readonly Decoder $decoder,
        private readonly Effort $effort,
    ) {
        $this->givenUp = $alone->usual();
        $this->start = $work->problem->start;
        $this->precedence = new Precedence($work);
        $this->leastLate = array_sum($alone->late);
        $this->leastEnds = array_sum(array_map(fn (int $end): int => max(0, $end - $this->start), $alone->ends));
    }

    /**
     * Leaves the decoder with the best list placed.
     *
     * @param  list<int>|null  $last  the list of the plan before
     */
    public function run(Dice $dice, ?array $last = null): FoundList
    {
        $this->decoder->giveUp($this->givenUp);
        $first = new FirstLists($this->work, $this->alone);
        if ($last !== null) {
            $this->offer($last);
        }
        $starts = [$first->byDue()];
        $this->offer($starts[0]);
        foreach ($first->others($this->decoder) as $list) {
            if ($this->effort->isOver()) {
                break;
            }
            $this->offer($list);
            $starts[] = $list;
        }
        $this->chooseWindows();
        $tasks = count($this->work->tasks);
        $series = $tasks > self::FEW ? 1 : $this->effort->parts(self::SERIES * max(1, $tasks));
        $this->goOver($dice, 0, 1 / $series);
        for ($n = 1; $n < $series && ! $this->isSettled(0.0) && ! $this->effort->isOver(); $n++) {
            // Elsewhere: where a search has come to is seldom the best that there is.
            [$best, $list, $givenUp] = [$this->best, $this->list, $this->givenUp];
            $this->best = null;
            $this->decoder->giveUp($givenUp);
            $this->offer($starts[$n % count($starts)]);
            $this->goOver($dice, $n / $series, 1 / $series);
            if ($best !== null && $this->best?->isBetterThan($best) !== true) {
                [$this->best, $this->list, $this->givenUp] = [$best, $list, $givenUp];
            }
        }
        $this->place();

        return new FoundList(
            $this->best ?? throw new \LogicException('A first list is always placed.'), $this->list, $this->givenUp,
            $this->isSettled(0.0),
        );
    }

    /** The rounds of one series, from so much of the effort on and for so much of it. */
    private function goOver(Dice $dice, float $from, float $share): void
    {
        $fixed = count($this->work->opening);
        $isFew = count($this->work->tasks) <= self::FEW;
        $rounds = $isFew ? self::ROUNDS_OF_FEW : self::ROUNDS;
        for ($round = 0; $round < $rounds; $round++) {
            if ($this->work->pieces() > 2) {
                $dates = $isFew ? self::DATES_OF_FEW : self::DATES;
                $until = $from + $share * ($round + $dates) / $rounds;
                $dated = new DateMoves($this->work, $dice, $fixed, $this->precedence);
                $this->cool($dated, $dice, self::HOT_DATES, $until);
                $this->chooseWindows();
            }
            $hot = $isFew ? self::HOT_FEW : self::HOT_TASKS;
            $until = $from + $share * ($round + 1) / $rounds;
            $this->cool(new TaskMoves($dice, $fixed, $this->precedence), $dice, $hot, $until);
        }
        $this->chooseWindows();
    }

    /**
     * Takes a list where it is better than the best so far.
     *
     * @param  list<int>  $list
     */
    private function offer(array $list): void
    {
        $list = $this->precedence->kept($list);
        if ($this->decoder->run($list, 0, $this->best?->sum($this->start) ?? INF)) {
            $this->keepIfBetter(Cost::of($this->work, $this->decoder), $list);
        }
    }

    /** @param  list<int>  $list */
    private function keepIfBetter(Cost $cost, array $list): bool
    {
        if ($this->best !== null && ! $cost->isBetterThan($this->best)) {
            return false;
        }
        [$this->best, $this->list] = [$cost, $list];

        return true;
    }

    private function place(): void
    {
        $this->decoder->giveUp($this->givenUp);
        $this->decoder->run($this->list);
        $this->decoder->keep();
    }

    /** Where a piece must give a window up, whichever of its ways is best with the list as it stands. */
    private function chooseWindows(): void
    {
        foreach ($this->alone->ways as $piece => $ways) {
            if (count($ways) < 2) {
                continue;
            }
            [$first, $next] = $this->work->range($piece);
            foreach ($ways as $way) {
                if ($this->effort->isOver()) {
                    return;
                }
                $given = $this->givenUp;
                foreach (array_keys($given) as $task) {
                    if ($task >= $first && $task < $next) {
                        unset($given[$task]);
                    }
                }
                $this->decoder->giveUp($given + $way);
                $before = $this->best;
                $this->offer($this->list);
                if ($this->best !== $before) {
                    $this->givenUp = $given + $way;
                }
            }
        }
    }

    /** One cooling, until so much of the effort is spent. */
    private function cool(Neighbourhood $moves, Dice $dice, float $hot, float $until): void
    {
        if ($this->effort->isOver()) {
            return;
        }
        $this->place();
        $list = $moves->begin($this->list, $this->decoder);
        $this->decoder->run($list);
        $this->decoder->keep();
        $sooner = $this->sooner();
        $now = Cost::of($this->work, $this->decoder)->sum($this->start, $sooner);
        $late = $this->lateOnes();
        $gain = ($this->best->late ?? 0.0) - $this->leastLate;
        $scale = max(self::LEAST_SCALE, $gain / max(1, $this->work->pieces()));
        $began = $this->effort->spent();
        $temperature = $scale * $hot;
        $taken = 0;
        for ($try = 0; ! $this->isSettled($began); $try++) {
            if ($try % 16 === 0) {
                $done = ($this->effort->spent() - $began) / max(1e-9, $until - $began);
                if ($done >= 1) {
                    return;
                }
                $temperature = $scale * $hot * (self::COLD / $hot) ** $done;
            }
            $move = $moves->proposed($late);
            if ($move === null) {
                $this->decoder->looks++;

                continue;
            }
            $limit = $now - $temperature * log($dice->share());
            $worse = $limit - $now + self::MARGIN * $temperature;
            if (! $this->decoder->run($move[0], $move[1], $limit, $move[2], $worse)) {
                continue;
            }
            $cost = Cost::of($this->work, $this->decoder);
            if ($cost->sum($this->start, $sooner) > $limit) {
                continue;
            }
            $now = $cost->sum($this->start, $sooner);
            $moves->take();
            $this->decoder->keep();
            if ($this->keepIfBetter($cost, $move[0])) {
                $late = $this->lateOnes();
            }
            if (++$taken % self::SORTED_AFTER === 0) {
                $this->decoder->run($moves->begin($move[0], $this->decoder));
                $this->decoder->keep();
                $now = Cost::of($this->work, $this->decoder)->sum($this->start, $sooner);
            }
        }
    }

    /** Whether nothing can be less late, and fewer changes of batch and more to spare have been looked for. */
    private function isSettled(float $began): bool
    {
        $best = $this->best;

        return $best !== null && $best->broken <= $this->alone->broken && $best->late <= $this->leastLate + 1e-3
            && ($best->setups <= $this->work->batches() && $best->tight < 1.0 && $best->ends <= $this->leastEnds
                || $this->effort->spent() - $began > self::NOTHING_LATE);
    }

    /** What a second sooner of a piece is worth; as long as something can be less late, that alone counts. */
    private function sooner(): float
    {
        $best = $this->best;
        $isNear = $best !== null && $best->broken <= $this->alone->broken
            && $best->late <= $this->leastLate * (1 + self::NEARLY) + 1e-3;

        return $isNear ? self::SOONER : 0.0;
    }

    /** @return list<int> pieces that are later than they would have to be */
    private function lateOnes(): array
    {
        $late = [];
        for ($piece = 0; $piece < $this->work->pieces(); $piece++) {
            if ($this->decoder->lastEndOf($piece) > max($this->work->due[$piece], $this->alone->ends[$piece])) {
                $late[] = $piece;
            }
        }

        return $late;
    }
}
