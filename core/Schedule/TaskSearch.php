<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

use HonestGrain\Reading\InvalidField;
use HonestGrain\Schedule\Internal\Aside;
use HonestGrain\Schedule\Internal\Search;
use HonestGrain\Schedule\Internal\Workload;
use HonestGrain\Words\Said;

/**
 * Places task after task and looks for the order in which that goes best.
 *
 * Never starts a task before a least wait is over and never puts hands-on work outside hours. A window that a piece
 * alone in the shop could keep is kept; of the others as few are given up as can be. What is pinned stays. What the
 * plan before had in the next two days is moved only for a window or for more than an hour of weighted lateness, the
 * rest of it for a quarter of that, or where it can be sooner and nothing else is later for it. The same for a
 * problem, a seed, a number of looks and of searches; the clock only says how many looks.
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

    /** Weighted seconds of lateness that are worth moving anything of the plan before for. */
    private const WORTH_A_CHANGE = 900.0;

    /** So long nothing is begun from one evening to the next morning. */
    private const NIGHT_SECONDS = 6 * 3600;

    /** Who asks for no more looks asks what is left beside all that stands: nothing of it is taken up sooner. */
    private const GLANCE = 1;

    private const TRIES = 12;

    private const TRIED_TASKS = 12_000;

    /** A search that could place all tasks no more than so many times is not begun where there is a plan already. */
    private const LEAST_ROUNDS = 4;

    /** Seeds differ by less the more there are. */
    private const MOST_AT_ONCE = 4;

    /**
     * @param  int|null  $looks  so many tasks are placed, however long that takes; null: the budget counts
     * @param  int  $times  so many searches are made at once, with dice of their own; the best of them counts
     */
    public function __construct(private ?int $looks = null, private int $times = 1)
    {
    }

    /** As many searches at once as this machine has cores for. */
    public static function withAllCores(): self
    {
        return new self(times: min(self::MOST_AT_ONCE, Aside::atOnce()));
    }

    public function plan(Problem $problem): Plan
    {
        $began = hrtime(true);
        $looks = $this->looks ?? $problem->budget->looks;
        // What is asked for by looks comes out alike on every machine.
        $times = $problem->budget->looks === null ? $this->times : 1;
        $ms = (int) ($problem->budget->milliseconds * (1 - self::WRITING));
        $behind = $this->behind($problem);
        $near = $this->near($problem, $behind);
        $free = Search::of($problem);
        $calm = $problem->standing->last === [] ? null : $this->calm($problem, $free, $behind, $looks);
        if ($calm !== null && $looks !== null && $looks < self::LEAST_ROUNDS * $problem->size()) {
            // What a search would come to in so few looks is no better.
            return $calm->plan((hrtime(true) - $began) / 1e6, $calm);
        }
        $search = null;
        if ($calm !== null) {
            $search = $this->steady($free, $problem->size(), $near, $behind);
            $this->refuseClashes($search->clashes());
            $search->run($began, $near === [] ? $ms : (int) ($ms * self::STEADY), $looks, $times);
            $search = $search->cost()->isWorth($calm->cost(), self::WORTH_A_CHANGE) ? $search : $calm;
        }
        if ($near !== [] || $search === null) {
            $this->refuseClashes($free->clashes());
            $free->run($began, $ms, $looks, $times);
            $search = $search === null || $free->cost()->isWorth($search->cost(), self::WORTH_MOVING) ? $free : $search;
        }

        return $search->plan((hrtime(true) - $began) / 1e6, $calm);
    }

    /**
     * What the plan before had in the next two days, as far as it can still be so.
     *
     * @param  list<Pin>  $behind
     * @return list<Pin>
     */
    private function near(Problem $problem, array $behind): array
    {
        $until = $problem->start + self::NEAR_SECONDS;

        return array_values(array_filter(
            $this->stillToCome($problem, $behind), fn (Pin $pin): bool => $pin->start < $until,
        ));
    }

    /**
     * The plan before, as far as it can still be so.
     *
     * @param  list<Pin>  $behind
     */
    private function calm(Problem $problem, Search $free, array $behind, ?int $looks): Search
    {
        $all = $this->stillToCome($problem, $behind);
        $calm = $this->steady($free, $problem->size(), $all, $behind);
        $this->refuseClashes($calm->clashes());
        $isGlance = $looks !== null && $looks <= self::GLANCE;
        $calm->asItStood(
            $isGlance ? null : $problem->start + self::NEAR_SECONDS,
            $behind === [] ? null : $behind[count($behind) - 1]->start,
        );

        return $calm;
    }

    /**
     * What the plan before had from now on and is kept as it was.
     *
     * @param  list<Pin>  $behind
     * @return list<Pin>
     */
    private function stillToCome(Problem $problem, array $behind): array
    {
        $from = $behind === [] ? $problem->start : $behind[count($behind) - 1]->start + 1;

        return array_values(array_filter(
            $this->planned($problem), fn (Pin $pin): bool => $pin->start >= $from,
        ));
    }

    /**
     * Where a start has been missed, what stood behind it up to the next night: it goes on in the order in which it
     * was, as much later as it must.
     *
     * @return list<Pin>
     */
    private function behind(Problem $problem): array
    {
        $pins = $this->planned($problem);
        $seconds = [];
        foreach ($problem->jobs as $job) {
            $seconds[$job->id] = array_column($job->tasks, 'seconds', 'id');
        }
        usort($pins, fn (Pin $one, Pin $other): int => $one->start <=> $other->start);
        $behind = [];
        $isMissed = false;
        $until = Workload::NEVER;
        foreach ($pins as $pin) {
            if ($pin->start < $problem->start) {
                $isMissed = true;
            } elseif (! $isMissed || $pin->start > $until) {
                break;
            } else {
                $behind[] = $pin;
                // What takes no time may be at any hour: a night is one all the same.
                $until = $seconds[$pin->piece][$pin->task] > 0 || $until === Workload::NEVER
                    ? $pin->start + self::NIGHT_SECONDS : $until;
            }
        }

        return $behind;
    }

    /** @return list<Pin> what the plan before had of what is still to do, without what goes by the order of pieces */
    private function planned(Problem $problem): array
    {
        $ordered = $problem->ordered();
        $tasks = [];
        foreach ($problem->jobs as $job) {
            $tasks[$job->id] = isset($ordered[$job->id]) ? [] : array_flip(array_column($job->tasks, 'id'));
        }

        return array_values(array_filter(
            $problem->standing->last, fn (Pin $pin): bool => isset($tasks[$pin->piece][$pin->task]),
        ));
    }

    /**
     * @param  list<Pin>  $near
     * @param  list<Pin>  $behind
     */
    private function steady(Search $free, int $size, array &$near, array $behind): Search
    {
        // In a full shop each try is as long as a plan.
        $tries = max(1, min(self::TRIES, intdiv(self::TRIED_TASKS, max(1, $size))));
        for ($try = 0; ; $try++) {
            $search = $free->keeping($near, $behind);
            $moved = $try < $tries ? $search->cannotStay($near) : [];
            if ($moved === []) {
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
