<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

use HonestGrain\Reading\InvalidField;
use HonestGrain\Schedule\Internal\Search;
use HonestGrain\Words\Said;

/**
 * Places task after task and looks for the order in which that goes best.
 *
 * Never starts a task before a least wait is over and never puts hands-on work outside hours. A window that a piece
 * alone in the shop could keep is kept; of the others as few are given up as can be. What is pinned stays. What the
 * plan before had in the next two days is moved only for a window or for more than an hour of weighted lateness. The
 * same for a problem, a seed and a number of looks; the clock only says how many.
 */
final readonly class TaskSearch implements Scheduler
{
    /** What is spent after the search on the plan itself, as a share of the budget. */
    private const WRITING = 0.02;

    /** The share of the effort for a plan that leaves what is near as it was. */
    private const STEADY = 0.6;

    /** What the plan before had so soon is not moved for nothing. */
    private const NEAR_SECONDS = 48 * 3600;

    /** Weighted seconds of lateness that are worth moving it for. */
    private const WORTH_MOVING = 3600.0;

    private const TRIES = 6;

    /** @param  int|null  $looks  so many tasks are placed, however long that takes; null: the budget counts */
    public function __construct(private ?int $looks = null)
    {
    }

    public function plan(Problem $problem): Plan
    {
        $began = hrtime(true);
        $looks = $this->looks ?? $problem->budget->looks;
        $ms = (int) ($problem->budget->milliseconds * (1 - self::WRITING));
        $near = $this->near($problem);
        $search = null;
        if ($problem->standing->last !== []) {
            $search = $this->steady($problem, $near);
            $this->refuseClashes($search->clashes());
            $search->run($began, $near === [] ? $ms : (int) ($ms * self::STEADY), $looks);
        }
        if ($near !== [] || $search === null) {
            $free = new Search($problem);
            $this->refuseClashes($free->clashes());
            $free->run($began, $ms, $looks);
            $search = $search === null || $free->cost()->isWorth($search->cost(), self::WORTH_MOVING) ? $free : $search;
        }

        return $search->plan((hrtime(true) - $began) / 1e6);
    }

    /**
     * What the plan before had in the next two days, as far as it can still be so.
     *
     * @return list<Pin>
     */
    private function near(Problem $problem): array
    {
        return array_values(array_filter($problem->standing->last, fn (Pin $pin): bool => $pin->start >= $problem->start
            && $pin->start < $problem->start + self::NEAR_SECONDS));
    }

    /** @param  list<Pin>  $near */
    private function steady(Problem $problem, array &$near): Search
    {
        for ($try = 0; ; $try++) {
            $search = new Search($problem, $try < self::TRIES ? $near : []);
            $moved = $search->cannotStay($near);
            if ($moved === [] || $try >= self::TRIES) {
                return $search;
            }
            $near = array_values(array_filter($near, fn (Pin $pin): bool => ! in_array($pin, $moved, true)));
        }
    }

    /**
     * @param  list<Pin>  $clashes
     *
     * @throws InvalidField where two pinned tasks need the same at once
     */
    private function refuseClashes(array $clashes): void
    {
        foreach ($clashes as $pin) {
            throw InvalidField::because(
                "$pin->field.start", gmdate('Y-m-d\TH:i:s\Z', $pin->start), new Said('schedule.problem.pins-clash'),
            );
        }
    }
}
