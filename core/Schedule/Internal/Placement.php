<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

use HonestGrain\Schedule\BrokenWindow;
use HonestGrain\Schedule\Job;
use HonestGrain\Schedule\LatePiece;
use HonestGrain\Schedule\PlacedTask;
use HonestGrain\Schedule\Plan;
use HonestGrain\Schedule\Problem;

/**
 * Whole pieces placed one after another in a shop; later ones fill the gaps that earlier ones leave while they wait.
 * The last pieces can be taken off again, so that orders that begin alike share what they have in common.
 *
 * @internal
 */
final class Placement
{
    /** What one order of pieces may look at before windows are no longer moved for; real shops take a tenth. */
    private const LOOKS = 30_000;

    private const LOOKS_A_TASK = 4;

    private const LOOKS_ALONE = 1_500;

    private readonly int $mostLooks;

    private readonly Booker $booker;

    private readonly WaitClock $waits;

    /** @var array<string, array<string, true>> piece => windows that even an empty shop could not keep */
    private array $unkeepable = [];

    /**
     * @var list<array{Job, PiecePlacer, list<PlacedTask>, list<BrokenWindow>, float, int}> in the order placed; hours
     *     late × weight; looks
     */
    private array $placed = [];

    public function __construct(private readonly Problem $problem, private readonly Calendar $calendar)
    {
        $tasks = array_sum(array_map(fn (Job $job): int => count($job->tasks), $problem->jobs));
        $this->mostLooks = self::LOOKS + self::LOOKS_A_TASK * $tasks;
        $this->booker = new Booker($calendar, $problem->resources);
        $this->waits = new WaitClock($problem->clock);
    }

    /** How much it has looked at so far. */
    public function looks(): int
    {
        return $this->booker->looks;
    }

    /**
     * Brings the shop to an order of pieces, keeping what stands so already.
     *
     * @param  list<Job>  $order
     * @param  Score|null  $best  it stops, and says so, once it cannot be better than this
     */
    public function arrange(array $order, ?Score $best = null): ?Score
    {
        $kept = 0;
        while (isset($this->placed[$kept], $order[$kept]) && $this->placed[$kept][0] === $order[$kept]) {
            $kept++;
        }
        for ($i = count($this->placed) - 1; $i >= $kept; $i--) {
            $this->placed[$i][1]->takeBack();
            array_pop($this->placed);
        }
        $broken = $late = 0;
        foreach ($this->placed as [, , , $missed, $hours]) {
            $broken += count($missed);
            $late += $hours;
        }
        for ($i = $kept, $count = count($order); $i < $count; $i++) {
            if ($best !== null && $best->beats($broken, $late)) {
                return null;
            }
            $this->add($order[$i]);
            $broken += count($this->placed[$i][3]);
            $late += $this->placed[$i][4];
        }

        return $best !== null && $best->beats($broken, $late) ? null : new Score($broken, $late, ...$this->ends());
    }

    /** The plan as it stands. */
    public function plan(float $milliseconds): Plan
    {
        $tasks = $broken = $late = [];
        $lateness = 0.0;
        $names = [];
        foreach ($this->problem->jobs as $job) {
            $names[$job->id] = $job->name;
        }
        foreach ($this->placed as [$job, , $placed, $missed, $hours]) {
            $tasks = [...$tasks, ...$placed];
            $broken = [...$broken, ...$missed];
            if ($placed !== [] && ($behind = self::hoursLate($job, $placed)) > 0) {
                $late[] = new LatePiece($job->id, $behind, Because::of($placed, $names, $this->calendar));
                $lateness += $hours;
            }
        }
        usort(
            $tasks,
            fn (PlacedTask $a, PlacedTask $b): int => [
                $a->start, $a->end, $a->piece,
            ] <=> [$b->start, $b->end, $b->piece],
        );
        [$setups, $finish] = $this->ends();

        return new Plan(
            tasks: $tasks, broken: $broken, late: $late, finish: $finish, lowerBound: LowerBound::of(
                $this->problem, $this->calendar,
            ), weightedLatenessHours: $lateness, setups: $setups, milliseconds: $milliseconds,
        );
    }

    private function add(Job $job): void
    {
        $start = $this->problem->start;
        $this->unkeepable[$job->id] ??= PiecePlacer::unkeepable(
            new Booker($this->calendar, $this->problem->resources), $this->waits, $start, $job, self::LOOKS_ALONE,
        );
        $left = $this->mostLooks - array_sum(array_column($this->placed, 5));
        $placer = new PiecePlacer(
            booker: $this->booker, waits: $this->waits, start: $start, job: $job, mostLooks: $left,
            givenUp: $this->unkeepable[$job->id],
        );
        [$placed, $missed] = $placer->place();
        $late = $placed === [] ? 0.0 : self::hoursLate($job, $placed);
        $this->placed[] = [$job, $placer, $placed, $missed, $job->weight * $late, $placer->looks()];
    }

    /** @param  non-empty-list<PlacedTask>  $placed */
    private static function hoursLate(Job $job, array $placed): float
    {
        $end = max(array_map(fn (PlacedTask $task): int => $task->end, $placed));

        return $job->due === null ? 0.0 : max(0, $end - $job->due) / 3600;
    }

    /** @return array{int, int} changes of batch, and when all is done */
    private function ends(): array
    {
        $finish = $this->problem->start;
        $batches = [];
        foreach ($this->placed as $n => [, , $placed]) {
            foreach ($placed as $k => $task) {
                $finish = max($finish, $task->end);
                if ($task->task->grouping->batch !== null) {
                    $batches[sprintf(
                        '%d %d %s %d', $task->start, $task->end, $task->piece, $n * 1000 + $k,
                    )] = $task->task->grouping->batch;
                }
            }
        }
        ksort($batches, SORT_NATURAL);
        $setups = 0;
        $current = null;
        foreach ($batches as $batch) {
            $setups += $batch === $current ? 0 : 1;
            $current = $batch;
        }

        return [$setups, $finish];
    }
}
