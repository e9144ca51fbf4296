<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

use HonestGrain\Schedule\Bound;
use HonestGrain\Schedule\Outlook;
use HonestGrain\Schedule\Pin;
use HonestGrain\Schedule\Plan;
use HonestGrain\Schedule\Problem;
use HonestGrain\Schedule\Questions;

/**
 * One search for one problem: its rows, what each piece could do alone, and the best list so far.
 *
 * @internal
 */
final class Search
{
    /** In a fuller shop pieces are not taken up sooner one by one: each would cost as much as the whole plan. */
    private const MANY = 3_000;

    private readonly Alone $alone;

    private readonly Decoder $decoder;

    private ?FoundList $found = null;

    /** @var array<string, int> piece that the plan before had not => second (UTC) at which it ended beside that */
    private array $besides = [];

    private readonly Problem $problem;

    /** @param  self|null  $free  the same where nothing stays but what must */
    private function __construct(
        private readonly Workload $work,
        private readonly WaitTimes $waits,
        private readonly ?self $free = null,
    ) {
        $this->problem = $work->problem;
        $this->alone = new Alone($work, $waits);
        $this->decoder = new Decoder($work, $waits, $this->alone->late, loose: $this->alone->loose);
    }

    public static function of(Problem $problem): self
    {
        $work = new Workload($problem);

        return new self($work, new WaitTimes($work->waits, $problem->clock));
    }

    /**
     * A search in which tasks stay where they were, besides those that must.
     *
     * @param  list<Pin>  $wished
     * @param  list<Pin>  $notBefore  what stays behind where it was, and may go later
     */
    public function keeping(array $wished, array $notBefore): self
    {
        return new self($this->work->keeping($wished, $notBefore), $this->waits, $this);
    }

    /**
     * Looks for the best list so many times at once, each time with other dice, and takes the best of them.
     *
     * @param  int|null  $looks  null: the clock counts
     * @param  int  $times  from 1 on
     */
    public function run(int $began, int $budgetMs, ?int $looks, int $times = 1): void
    {
        $effort = new Effort($this->decoder, $began, $budgetMs, $looks);
        $others = [];
        for ($n = 1; $n < $times; $n++) {
            $others[] = Aside::begin(fn (): FoundList => $this->sought($effort, $n));
        }
        $mine = $best = $this->sought($effort, 0);
        foreach (array_filter($others) as $other) {
            $found = $mine->isSettled ? $other->leave() : $other->answer(FoundList::class);
            $best = $found !== null && $found->cost->isBetterThan($best->cost) ? $found : $best;
        }
        if ($best !== $mine) {
            $this->decoder->giveUp($best->givenUp);
            $this->decoder->run($best->list);
            $this->decoder->keep();
        }
        $this->found = $best;
    }

    /** @param  int  $nth  of the searches that are run at once */
    private function sought(Effort $effort, int $nth): FoundList
    {
        $search = new ListSearch($this->work, $this->alone, $this->decoder, $effort);
        $last = $this->problem->standing->last;

        return $search->run(
            new Dice($this->problem->budget->seed + $nth), $last === [] ? null : $this->listOf($last),
        );
    }

    /**
     * Takes the plan before as it is; then each piece is taken up sooner from a moment on where all others leave it
     * room, so that none is ready later for it.
     *
     * @param  int|null  $from  second (UTC); null: none is
     * @param  int|null  $behind  second (UTC) up to which a missed start has made it late; null: none was missed
     */
    public function asItStood(?int $from, ?int $behind = null): void
    {
        $isFull = count($this->work->tasks) > self::MANY;
        // In its own order, task by task: what stood between two of one mount stays there.
        $this->decoder->inRuns = false;
        $this->decoder->giveUp($this->alone->usual());
        $list = (new Precedence($this->work))->kept($this->listOf($this->problem->standing->last));
        $this->decoder->run($list);
        if ($behind !== null && ! $isFull) {
            (new DryFirst($this->work, $this->decoder, $this->upTo($behind)))->run($list);
        }
        $known = array_flip(array_column($this->problem->standing->last, 'piece'));
        foreach ($this->problem->jobs as $piece => $job) {
            if (! isset($known[$job->id])) {
                $this->besides[$job->id] = $this->decoder->lastEndOf($piece);
            }
        }
        $this->decoder->letGo();
        if ($from !== null && ! $isFull) {
            $this->takeUpSooner($from);
        }
        $list = $this->decoder->start;
        asort($list);
        $this->found = new FoundList(
            Cost::of($this->work, $this->decoder),
            array_map(fn (int $t): int => $this->work->pieceOf[$t], array_keys($list)), $this->alone->usual(),
            inRuns: false,
        );
    }

    /** @return list<int> tasks the plan before had up to a second (UTC), but those that go by the order of pieces */
    private function upTo(int $second): array
    {
        $last = [];
        foreach ($this->problem->standing->last as $pin) {
            $last[$pin->piece][$pin->task] = $pin->start;
        }
        $last = array_diff_key($last, $this->problem->ordered());
        $found = [];
        foreach ($this->work->tasks as $t => $task) {
            $piece = $this->problem->jobs[$this->work->pieceOf[$t]]->id;
            if (($last[$piece][$task->id] ?? Workload::NEVER) <= $second) {
                $found[] = $t;
            }
        }

        return $found;
    }

    private function takeUpSooner(int $from): void
    {
        foreach ($this->latestFirst() as $piece) {
            [$t, $next] = $this->work->range($piece);
            while ($t < $next && $this->decoder->start[$t] < $from) {
                $t++;
            }
            if ($t < $next) {
                $this->sooner($piece, $t);
            }
        }
    }

    /** @return list<int> pieces, those first that have the least time to spare before they are due */
    private function latestFirst(): array
    {
        $spare = [];
        for ($piece = 0; $piece < $this->work->pieces(); $piece++) {
            $spare[$piece] = $this->work->due[$piece] - $this->decoder->lastEndOf($piece);
        }
        asort($spare);

        return array_keys($spare);
    }

    /** Places a piece anew from one of its tasks on, where that loses nothing. */
    private function sooner(int $piece, int $t): void
    {
        $stood = $this->decoder->state();
        $before = [count($this->decoder->broken), $this->decoder->lastEndOf($piece)];
        $isHeld = $this->decoder->again($t, 0);
        if (! $isHeld || [count($this->decoder->broken), $this->decoder->lastEndOf($piece)] > $before) {
            $this->decoder->back($stood);
        }
    }

    public function cost(): Cost
    {
        return $this->found()->cost;
    }

    private function found(): FoundList
    {
        return $this->found ?? throw new \LogicException('It is run before it is asked.');
    }

    /** @param  self|null  $calm  what leaves the plan before as it stood */
    public function plan(float $milliseconds, ?self $calm): Plan
    {
        $asked = $this->problem->standing->questions;

        $this->decoder->letGo();
        (new Gathering($this->work, $this->decoder))->run();
        $outlook = $this->outlook($asked, $calm->besides ?? []);

        return (new PlanWriter($this->work, $this->waits))->plan($this->decoder, $milliseconds, $outlook);
    }

    /**
     * How likely each piece is to be in time.
     *
     * @return array<string, float> piece => 0 to 1
     */
    private function chances(int $futures, float $spread): array
    {
        $lived = new Futures($this->work, $this->waits, $this->found(), $this->alone->loose);
        $chances = $lived->chances($futures, $spread);
        $byId = [];
        foreach ($this->problem->jobs as $piece => $job) {
            $byId[$job->id] = $chances[$piece];
        }

        return $byId;
    }

    /**
     * What each piece may expect: its chance where that was asked for, and how its date has moved.
     *
     * @param  array<string, int>  $besides
     */
    private function outlook(Questions $asked, array $besides): Outlook
    {
        $ends = $last = $before = [];
        foreach ($this->problem->standing->last as $pin) {
            $last[$pin->piece][$pin->task] = $pin->start;
        }
        foreach ($this->problem->jobs as $piece => $job) {
            $ends[$job->id] = $this->decoder->lastEndOf($piece);
            $was = array_intersect_key($last[$job->id] ?? [], array_flip(array_column($job->tasks, 'id')));
            foreach (count($was) < count($job->tasks) ? [] : $job->tasks as $task) {
                $before[$job->id] = max($before[$job->id] ?? 0, $was[$task->id] + $task->seconds);
            }
        }

        return new Outlook(
            $this->bound(), $ends, $before,
            $asked->futures > 0 ? $this->chances($asked->futures, $asked->spread) : [], besides: $besides,
        );
    }

    /** What no plan can beat: one that would not keep what only was planned either. */
    private function bound(): Bound
    {
        $free = $this->free ?? $this;

        return (new LowerBound($free->work, $free->waits, $free->alone))->of($this->cost());
    }

    /** @return list<Pin> pinned tasks that another pinned one leaves nothing to do them with */
    public function clashes(): array
    {
        return $this->pinsOf($this->problem->standing->pinned, array_fill_keys($this->decoder->clashes(), true));
    }

    /**
     * Which of the tasks that are to stay cannot, when all is taken up in the order of the plan before.
     *
     * @param  list<Pin>  $near
     * @return list<Pin>
     */
    public function cannotStay(array $near): array
    {
        $this->decoder->inRuns = false;
        $this->decoder->giveUp($this->alone->usual());
        $this->decoder->run($this->listOf($this->problem->standing->last));
        $this->decoder->inRuns = true;
        $moved = array_fill_keys($this->decoder->clashes(), true);
        foreach ($this->work->pinAt as $t => $at) {
            if ($this->decoder->start[$t] !== $at) {
                $moved[$t] = true;
            }
        }

        return $this->pinsOf($near, $moved);
    }

    /**
     * @param  list<Pin>  $pins
     * @param  array<int, true>  $tasks  by number
     * @return list<Pin>
     */
    private function pinsOf(array $pins, array $tasks): array
    {
        $names = [];
        foreach (array_keys($tasks) as $t) {
            $names[$this->problem->jobs[$this->work->pieceOf[$t]]->id][$this->work->tasks[$t]->id] = true;
        }

        return array_values(array_filter($pins, fn (Pin $pin): bool => isset($names[$pin->piece][$pin->task])));
    }

    /**
     * Pieces in the order in which their tasks stood; what was not there comes behind, by due date.
     *
     * @param  list<Pin>  $last
     * @return list<int>
     */
    private function listOf(array $last): array
    {
        $at = [];
        foreach ($last as $pin) {
            $at[$pin->piece][$pin->task] = $pin->start;
        }
        $keys = [];
        foreach ($this->work->tasks as $t => $task) {
            $piece = $this->work->pieceOf[$t];
            $latest = $keys[$t - 1][0] ?? 0;
            $isFirst = $t === $this->work->first[$piece];
            $start = $at[$this->problem->jobs[$piece]->id][$task->id] ?? ($isFirst ? Workload::NEVER : $latest);
            // In the order of its piece, whatever stood where.
            $keys[$t] = [$isFirst ? $start : max($start, $latest), $this->work->due[$piece], $t];
        }
        asort($keys);
        $list = $this->work->opening;
        $skip = array_count_values($list);
        foreach (array_keys($keys) as $t) {
            $piece = $this->work->pieceOf[$t];
            if (($skip[$piece] ?? 0) > 0) {
                $skip[$piece]--;
            } else {
                $list[] = $piece;
            }
        }

        return $list;
    }
}
