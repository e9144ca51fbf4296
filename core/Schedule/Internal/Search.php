<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

use HonestGrain\Schedule\Pin;
use HonestGrain\Schedule\Plan;
use HonestGrain\Schedule\Problem;

/**
 * One search for one problem: its rows, what each piece could do alone, and the best list so far.
 *
 * @internal
 */
final class Search
{
    private readonly Workload $work;

    private readonly WaitTimes $waits;

    private readonly Alone $alone;

    private readonly Decoder $decoder;

    private ?Cost $cost = null;

    /** @param  list<Pin>  $wished  tasks that stay where they were, besides those that must */
    public function __construct(private readonly Problem $problem, array $wished = [])
    {
        $this->work = new Workload($problem, $wished);
        $this->waits = new WaitTimes($this->work->waits, $problem->clock);
        $this->alone = new Alone($this->work, $this->waits);
        $this->decoder = new Decoder($this->work, $this->waits, $this->alone->late, loose: $this->alone->loose);
    }

    /** @param  int|null  $looks  null: the clock counts */
    public function run(int $began, int $budgetMs, ?int $looks): void
    {
        $effort = new Effort($this->decoder, $began, $budgetMs, $looks);
        $search = new ListSearch($this->work, $this->alone, $this->decoder, $effort);
        $last = $this->problem->standing->last;
        $this->cost = $search->run($last === [] ? null : $this->listOf($last));
    }

    public function cost(): Cost
    {
        return $this->cost ?? throw new \LogicException('It is run before it is asked.');
    }

    public function plan(float $milliseconds): Plan
    {
        return (new PlanWriter($this->work, $this->waits, $this->alone))->plan($this->decoder, $milliseconds);
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
        $this->decoder->giveUp($this->alone->usual());
        $this->decoder->run($this->listOf($this->problem->standing->last));
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
