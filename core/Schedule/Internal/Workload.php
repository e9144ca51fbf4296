<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

use HonestGrain\Schedule\Job;
use HonestGrain\Schedule\Person;
use HonestGrain\Schedule\Pin;
use HonestGrain\Schedule\Problem;
use HonestGrain\Schedule\Task;
use HonestGrain\Schedule\Wait;
use HonestGrain\Schedule\WorkingHours;

/**
 * A problem as rows of whole numbers: tasks, pieces and resources by number. Built once, never changed.
 *
 * A resource that can never be short by itself is left out: one whose every user also takes all of another.
 *
 * @internal
 */
final class Workload
{
    /** No end: later than any second that is ever asked for. */
    public const NEVER = PHP_INT_MAX >> 2;

    private const LEAST_DAYS = 60;

    private const MOST_DAYS = 1000;

    /** @var list<Task> */
    public array $tasks = [];

    /** @var list<int> task => piece */
    public array $pieceOf = [];

    /** @var array<int, int> task => seconds of work */
    public array $seconds = [];

    /** @var array<int, bool> task => whether it may be broken off */
    public array $splits = [];

    /** @var list<list<Crew>> task => who may do it, and what that takes; one without people */
    public array $crews = [];

    /** @var array<int, int> task => second (UTC) */
    public array $notBefore = [];

    /** @var array<int, int> task => second (UTC), NEVER for no end */
    public array $notAfter = [];

    /** @var array<int, list<array{int, int, int, int}>> task => task before, least seconds, most or -1, wait or -1 */
    public array $before = [];

    /** @var array<int, int> task => the one task before it; -1: none, -2: several, or one whose wait runs by the air */
    public array $only = [];

    /** @var array<int, int> task => least seconds after that one */
    public array $lag = [];

    /** @var array<int, int> task => most seconds after that one, NEVER for no end */
    public array $most = [];

    /**
     * @var array<int, list<array{int, int, int, bool, int}>> task => holder until it, resource, quantity, whether it
     *     must not be idle for long, and the first of those that have all of it one after another up to the holder
     */
    public array $heldFor = [];

    /** @var array<int, list<int>> task => those before it that it had better come right behind */
    public array $soonAfter = [];

    /** @var list<list<array{int, int, int}>> task => resource, quantity, wait: what it holds after its end */
    public array $holdsAfter = [];

    /** @var list<list<array{int, int}>> task => resource, quantity: what the piece holds already until it starts */
    public array $heldNow = [];

    /** @var list<int> task => what it is done in one go with, -1 for nothing */
    public array $batch = [];

    /** @var array<int, int> task => least seconds from its end to the end of its piece */
    public array $tail = [];

    /** @var array<int, int> task => the first of its piece that may have to move for it; itself where nothing has to */
    public array $anchor = [];

    /** @var array<int, bool> task => whether it takes nothing but its own time: no window, no hold */
    public array $isPlain = [];

    /** @var array<int, bool> task => whether it is neither broken off, pinned nor held since before */
    public array $isSimple = [];

    /** @var list<int> task => the first of its crews among all; one more at the end */
    public array $firstCrew = [0];

    /** @var list<Crew> the crews of all tasks */
    public array $allCrews = [];

    /** @var list<int> crew => where its slots in the grid begin; -1 for one that is not kept day by day */
    public array $slotOf = [];

    /** @var list<bool> crew => whether its hours are its gate's own, so that gaps in them are noted */
    public array $isCounted = [];

    /** @var list<int> crew => 0: it needs nothing besides; 1: it does; 2: what is kept day by day too */
    public array $others = [];

    /** @var array<int, bool> task => whether something is held until it starts, or after its end */
    public array $holds = [];

    /** @var array<int, int> task => second (UTC) at which it is to start; what must, before what only was */
    public array $pinAt = [];

    /** @var array<int, int> task that stays => the crew that was to do it, where that is known */
    public array $pinBy = [];

    /** @var array<int, true> tasks that are left where the plan before had them, or behind one that was missed */
    public array $stays = [];

    /** @var list<bool> task => whether it takes neither time nor anything else, so that it may be at any hour */
    public array $isInstant = [];

    /** @var list<int> piece => its first task; one more at the end */
    public array $first = [0];

    /** @var array<int, int> task => so many are placed in one go with it, since they have the whole of something */
    public array $run = [];

    /** Whether any are. */
    public bool $hasRuns = false;

    /** @var list<int> piece => second (UTC), NEVER where it is not due */
    public array $due = [];

    /** @var list<float> piece => weight */
    public array $weight = [];

    /** @var list<int> pieces whose next tasks stand before everything else: what is held already is freed by them */
    public array $opening = [];

    /** @var list<int> resource => how many */
    public array $capacity = [];

    /** @var list<Wait> waits that run by the air */
    public array $waits = [];

    /** @var list<Gate> */
    public array $gates = [];

    /** @var array<string, int> name => number, of those that may be short */
    public readonly array $resources;

    public readonly Calendar $calendar;

    public readonly Grid $grid;

    private readonly Hours $shop;

    /** @var array<int, Hours> by person */
    private array $people = [];

    /** @var array<string, Hours> people by number => the hours in which they are all here */
    private array $together = [];

    /** @var array<int, list<array{int, int, int}>> task => what it has from its end: resource, quantity, least time */
    public array $ahead = [];

    /** @var array<int, true> tasks that somebody has pinned */
    private array $musts = [];

    /** @var array<string, int> waits that run by the air, by what they are */
    private array $numbers = [];

    /** @var array<string, int> */
    private array $batches = [];

    public function __construct(public readonly Problem $problem)
    {
        $this->calendar = new Calendar($problem->hours, $problem->start);
        $this->shop = new Hours($this->calendar, $problem->start);
        [$names, $held] = Bottlenecks::of($problem);
        // People are one by one what they would be together.
        $hands = $problem->people === [] ? [] : [Problem::HANDS];
        $this->resources = array_flip(array_values(array_diff($names, $hands)));
        foreach ($this->resources as $name => $number) {
            $this->capacity[] = $problem->resources[$name];
            // People may work in hours of their own, in which the shop's are no measure.
            if ($problem->resources[$name] === 1 && ! isset($held[$name]) && $problem->people === []) {
                $this->gates[] = new Gate($number, $this->shop->through(0), $this->shop->days);
            }
        }
        foreach ($problem->people as $n => $person) {
            $this->people[$n] = new Hours(new Calendar($person->hours, $problem->start), $problem->start);
            $this->gates[] = new Gate(count($this->capacity), $this->people[$n]->through(0), $this->people[$n]->days);
            $this->capacity[] = 1;
        }
        foreach ($problem->jobs as $piece => $job) {
            $this->due[] = $job->due ?? self::NEVER;
            $this->weight[] = $job->weight;
            $this->addTasks($piece, $job);
            $this->first[] = count($this->tasks);
        }
        $this->grid = new Grid($this->gates, $problem->start, $this->daysAhead());
        foreach ($this->crews as $crews) {
            foreach ($crews as $crew) {
                $this->allCrews[] = $crew;
                $this->isCounted[] = $crew->isCounted;
                $this->others[] = $crew->others === [] ? 0 : ($crew->isAlone ? 1 : 2);
                $this->slotOf[] = $crew->gate < 0 ? -1 : $this->grid->slotOf($crew->gate, $crew->hours);
            }
            $this->firstCrew[] = count($this->allCrews);
        }
    }

    /** About how far plans go, more rather than less: what is behind that takes longer to look up. */
    private function daysAhead(): int
    {
        $stretches = intdiv(array_sum($this->seconds), max(3600, $this->calendar->hours->longestStretchSeconds()));

        return min(self::MOST_DAYS, self::LEAST_DAYS + $stretches);
    }

    /** How many different batches there are: no plan has fewer changes. */
    public function batches(): int
    {
        return count($this->batches);
    }

    public function pieces(): int
    {
        return count($this->due);
    }

    /**
     * The same with tasks that stay where they were, besides those that must.
     *
     * @param  list<Pin>  $wished
     * @param  list<Pin>  $notBefore  what may go later than it was, but not sooner
     */
    public function keeping(array $wished, array $notBefore = []): self
    {
        $keeping = clone $this;
        foreach ($this->pinsOn($wished) as $t => $pin) {
            $keeping->pinAt[$t] = $pin->start;
            $keeping->notAfter[$t] = min($this->notAfter[$t], $pin->start);
            $keeping->isPlain[$t] = $keeping->isSimple[$t] = false;
            $keeping->doneBy($t, $pin->who);
            $keeping->stays[$t] = true;
        }
        foreach ($wished === [] ? [] : array_keys($this->due) as $piece) {
            $keeping->addAhead(...$this->range($piece));
        }
        foreach ($this->pinsOn($notBefore) as $t => $pin) {
            $keeping->notBefore[$t] = max($this->notBefore[$t], $pin->start);
            $keeping->stays[$t] = true;
        }

        return $keeping;
    }

    /**
     * @param  list<Pin>  $pins
     * @return array<int, Pin> by task, without what somebody has pinned
     */
    private function pinsOn(array $pins): array
    {
        $byPiece = $found = [];
        foreach ($pins as $pin) {
            $byPiece[$pin->piece][$pin->task] = $pin;
        }
        foreach ($this->tasks as $t => $task) {
            $pin = $byPiece[$this->problem->jobs[$this->pieceOf[$t]]->id][$task->id] ?? null;
            if ($pin !== null && ! isset($this->musts[$t])) {
                $found[$t] = $pin;
            }
        }

        return $found;
    }

    /**
     * Pinned tasks, those first that leave the least choice: what must, then what is known who does it, then by how
     * many may. Of those that are alike the earlier comes first: so as many as can be find somebody.
     *
     * @return array<int, int> task => second (UTC)
     */
    public function pinned(): array
    {
        $keys = [];
        foreach ($this->pinAt as $t => $at) {
            $choice = isset($this->pinBy[$t]) ? 0 : count($this->crews[$t]);
            $keys[$t] = [isset($this->musts[$t]) ? 0 : 1, $choice, $at];
        }
        asort($keys);

        return array_map(fn (array $key): int => $key[2], $keys);
    }

    /** What only was planned binds no longer: the plan that kept it stands. */
    public function letGo(): void
    {
        foreach (array_diff_key($this->pinAt, $this->musts) as $t => $_) {
            unset($this->pinAt[$t]);
            $this->notAfter[$t] = $this->tasks[$t]->bounds->notAfter ?? self::NEVER;
        }
        foreach ($this->tasks as $t => $task) {
            $this->notBefore[$t] = $this->earliest($task);
        }
    }

    /**
     * The same with work and plain waits that take another share of their time each; what is too long for a stretch is
     * broken off then.
     *
     * @param  callable(): float  $share
     */
    public function lived(callable $share): self
    {
        $lived = clone $this;
        foreach ($this->seconds as $t => $seconds) {
            $took = (int) round($seconds * $share());
            $lived->seconds[$t] = $took;
            if ($took > $seconds && $took > $this->longest($t)) {
                $lived->splits[$t] = true;
                $lived->isSimple[$t] = false;
            }
            foreach ($this->before[$t] as $n => [, $least, $most]) {
                $least = (int) round($least * $share());
                $lived->before[$t][$n][1] = $lived->lag[$t] = $most < 0 ? $least : min($least, $most);
            }
        }

        return $lived;
    }

    /** The longest stretch in which a task may be done. */
    private function longest(int $t): int
    {
        $longest = 0;
        foreach ($this->crews[$t] as $crew) {
            $longest = max($longest, $crew->hours->longest());
        }

        return $longest;
    }

    /** Whether each of a piece's tasks waits for the one before, so that there is but one order of them. */
    public function isChain(int $piece): bool
    {
        for ($t = $this->first[$piece] + 1; $t < $this->first[$piece + 1]; $t++) {
            if (! in_array($t - 1, array_column($this->before[$t], 0), true)) {
                return false;
            }
        }

        return true;
    }

    /** @return list<int> the first task of a piece and the first of the next */
    public function range(int $piece): array
    {
        return [$this->first[$piece], $this->first[$piece + 1]];
    }

    private function addTasks(int $piece, Job $job): void
    {
        $first = count($this->tasks);
        $number = [];
        $must = array_column(array_filter(
            $this->problem->standing->pinned, fn (Pin $pin): bool => $pin->piece === $job->id,
        ), 'start', 'task');
        $last = $must === [] ? [] : array_column(array_filter(
            $this->problem->standing->last, fn (Pin $pin): bool => $pin->piece === $job->id,
        ), 'who', 'task');
        foreach ($job->tasks as $i => $task) {
            $number[$task->id] = $first + $i;
        }
        foreach ($job->tasks as $i => $task) {
            $t = $first + $i;
            $this->tasks[] = $task;
            $this->pieceOf[] = $piece;
            $this->seconds[] = $task->seconds;
            $this->splits[] = $task->grouping->splittable && $task->seconds > 0;
            $this->isInstant[] = $task->seconds === 0 && $task->takes->needs === [];
            $this->crews[] = $this->crewsFor($task);
            $this->notBefore[] = $this->earliest($task);
            $pin = $must[$task->id] ?? self::NEVER;
            $this->notAfter[] = min($task->bounds->notAfter ?? self::NEVER, $pin);
            if ($pin !== self::NEVER) {
                $this->pinAt[$t] = $pin;
                $this->musts[$t] = true;
                $this->doneBy($t, $last[$task->id] ?? []);
            }
            $this->batch[] = $task->grouping->batch === null ? -1
                : $this->batches[$task->grouping->batch] ??= count($this->batches);
            $before = $this->soonAfter[$t] = [];
            foreach ($task->after as $lag) {
                $before[] = [$number[$lag->task], ...$this->wait($lag->wait)];
                if ($lag->isSoon) {
                    $this->soonAfter[$t][] = $number[$lag->task];
                }
            }
            if ($job->sequential && $i > 0 && ! in_array($t - 1, array_column($before, 0), true)) {
                $before[] = [$t - 1, 0, -1, -1];
            }
            $this->before[] = $before;
            [$earlier, $least, $most, $wait] = $before[0] ?? [-1, 0, -1, -1];
            $this->only[] = count($before) > 1 || $wait >= 0 ? -2 : $earlier;
            $this->lag[] = $least;
            $this->most[] = $most < 0 ? self::NEVER : $most;
            $this->heldFor[$t] ??= [];
            $this->addHolds($t, $task, $number, isset($job->tasks[$i + 1]));
        }
        $this->addTails($first);
        $this->addAhead($first, count($this->tasks));
        $this->addAnchors($first);
        $this->addRuns($first);
        $this->addOpening($piece, $first);
    }

    /** @param  list<string>  $who  ids of those who were to do a task */
    private function doneBy(int $t, array $who): void
    {
        $crew = $who === [] ? false : array_search($who, array_column($this->crews[$t], 'who'), true);
        if ($crew !== false) {
            $this->pinBy[$t] = $crew;
        }
    }

    private function earliest(Task $task): int
    {
        return max($this->problem->start, $task->bounds->notBefore ?? 0);
    }

    /** @return non-empty-list<Crew> */
    private function crewsFor(Task $task): array
    {
        $needs = $this->pairs($task->takes->needs);
        $through = $task->grouping->throughSeconds;
        $crews = [];
        foreach ($this->problem->people === [] ? [] : $this->problem->crewsFor($task) as $people) {
            $all = $needs;
            $who = [];
            foreach ($people as $person) {
                $n = (int) array_search($person, $this->problem->people, true);
                array_push($all, count($this->resources) + $n, 1);
                $who[] = $n;
            }
            if ($who !== []) {
                $crews[] = $this->crew($this->hoursOf($who)->through($through), $all, $people);
            }
        }

        return $crews === [] ? [$this->crew($this->shop->through($through), $needs, [])] : $crews;
    }

    /** @param  non-empty-list<int>  $who */
    private function hoursOf(array $who): Hours
    {
        return $this->together[implode(' ', $who)] ??= count($who) === 1 ? $this->people[$who[0]] : new Hours(
            new Calendar(WorkingHours::shared(array_map(
                fn (int $n): WorkingHours => $this->problem->people[$n]->hours, $who,
            )), $this->problem->start), $this->problem->start,
        );
    }

    /**
     * @param  list<int>  $needs
     * @param  list<Person>  $people
     */
    private function crew(Stretches $hours, array $needs, array $people): Crew
    {
        $who = array_map(fn (Person $person): string => $person->id, $people);
        for ($n = 0; $n < count($needs) && count($who) < 2; $n += 2) {
            foreach ($this->gates as $g => $gate) {
                if ($gate->resource === $needs[$n] && $gate->hours->isOf($hours)) {
                    $others = $needs;
                    array_splice($others, $n, 2);

                    return new Crew(
                        hours: $hours, needs: $needs, gate: $g, others: $others, isAlone: ! $this->hasGate($others),
                        isCounted: $hours === $gate->hours, who: $who,
                    );
                }
            }
        }

        return new Crew($hours, $needs, others: $needs, who: $who);
    }

    /** @param  list<int>  $needs */
    private function hasGate(array $needs): bool
    {
        foreach ($this->gates as $gate) {
            for ($n = 0; $n < count($needs); $n += 2) {
                if ($gate->resource === $needs[$n]) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param  array<string, int>  $number  of the piece's tasks */
    private function addHolds(int $t, Task $task, array $number, bool $hasNext): void
    {
        $after = $now = [];
        foreach ($hasNext ? $task->takes->holds : [] as $name => $quantity) {
            if (isset($this->resources[$name])) {
                $resource = $this->resources[$name];
                $this->heldFor[$t + 1][] = [$t, $resource, $quantity, false, $this->firstWith($t, $resource)];
            }
        }
        foreach ($task->takes->keeps as $hold) {
            if (! isset($this->resources[$hold->resource])) {
                continue;
            }
            $resource = $this->resources[$hold->resource];
            if ($hold->until !== null) {
                $this->heldFor[$number[$hold->until]][] = [
                    $t, $resource, $hold->quantity, true, $this->firstWith($t, $resource),
                ];
            } elseif ($hold->for !== null) {
                $after[] = [$resource, $hold->quantity, $this->numbered($hold->for)];
            }
        }
        foreach ($task->takes->heldNow as $name => $quantity) {
            if (isset($this->resources[$name])) {
                $now[] = [$this->resources[$name], $quantity];
            }
        }
        $this->holdsAfter[] = $after;
        $this->heldNow[] = $now;
    }

    private function addTails(int $first): void
    {
        $count = count($this->tasks);
        for ($t = $first; $t < $count; $t++) {
            $this->tail[$t] = 0;
        }
        for ($t = $count - 1; $t >= $first; $t--) {
            foreach ($this->before[$t] as [$earlier, $least]) {
                $this->tail[$earlier] = max($this->tail[$earlier], $least + $this->seconds[$t] + $this->tail[$t]);
            }
        }
    }

    private function addAnchors(int $first): void
    {
        for ($t = $first, $count = count($this->tasks); $t < $count; $t++) {
            $reach = $t;
            foreach ($this->before[$t] as [$earlier, , $most]) {
                $reach = $most < 0 ? $reach : min($reach, $earlier);
            }
            foreach ($this->heldFor[$t] as [$earlier]) {
                $reach = min($reach, $earlier);
            }
            $this->isPlain[$t] = $reach === $t && $this->holdsAfter[$t] === [] && $this->heldNow[$t] === []
                && ! isset($this->pinAt[$t]);
            $this->holds[$t] = $this->heldFor[$t] !== [] || $this->holdsAfter[$t] !== [] || $this->ahead[$t] !== [];
            $isSimple = $this->heldNow[$t] === [] && ! isset($this->pinAt[$t]) && ! $this->splits[$t]
                && ($this->isInstant[$t] || $this->seconds[$t] > 0 && ! $this->hasOpenCrew($t));
            $this->isSimple[$t] = $isSimple;
            $this->anchor[$t] = min([$reach, ...array_slice($this->anchor, $reach, $t - $reach)]);
        }
    }

    /** What is mounted stays so until it is taken off: nothing else may be put between. */
    private function addRuns(int $first): void
    {
        $until = [];
        $count = count($this->tasks);
        for ($t = $first; $t < $count; $t++) {
            $this->run[$t] = 1;
            foreach ($this->heldFor[$t] as [$holder, $resource, $quantity]) {
                if (2 * $quantity > $this->capacity[$resource]) {
                    $until[$holder] = $t;
                }
            }
        }
        for ($t = $first; $t < $count; $t += $this->run[$t]) {
            for ($i = $t; $i < $t + $this->run[$t]; $i++) {
                $this->run[$t] = max($this->run[$t], ($until[$i] ?? $i) - $t + 1);
            }
            $this->hasRuns = $this->hasRuns || $this->run[$t] > 1;
        }
    }

    /**
     * So long, at the least, a piece has a resource from the end of a task on that holds it until another: up to that
     * one, and on through it where it takes the same. For what is pinned it is kept already.
     */
    private function addAhead(int $first, int $end): void
    {
        for ($t = $first; $t < $end; $t++) {
            $this->ahead[$t] = [];
        }
        for ($t = $end - 1; $t >= $first; $t--) {
            foreach ($this->heldFor[$t] as [$holder, $resource, $quantity]) {
                $least = $this->between($holder, $t);
                if ($this->takes($t, $resource) && ! isset($this->pinAt[$t])) {
                    $least += $this->seconds[$t];
                    foreach ($this->ahead[$t] as [$other, , $more]) {
                        $least += $other === $resource ? $more : 0;
                    }
                }
                $this->ahead[$holder][] = [$resource, $quantity, max(1, $least)];
            }
        }
    }

    /** The first task of those that have the whole of a resource one after another up to one of them. */
    private function firstWith(int $t, int $resource): int
    {
        foreach ($this->takes($t, $resource) ? $this->heldFor[$t] : [] as [$holder, $held, $quantity, , $first]) {
            if ($held === $resource && 2 * $quantity > $this->capacity[$resource] && $this->takes($first, $resource)) {
                return $first;
            }
        }

        return $t;
    }

    private function takes(int $t, int $resource): bool
    {
        $needs = $this->crews[$t][0]->needs;
        for ($n = 0, $count = count($needs); $n < $count; $n += 2) {
            if ($needs[$n] === $resource) {
                return true;
            }
        }

        return false;
    }

    /** The least from the end of a task to the start of a later one of its piece, seconds. */
    private function between(int $from, int $to): int
    {
        $least = [$from => 0];
        for ($t = $from + 1; $t <= $to; $t++) {
            foreach ($this->before[$t] as [$earlier, $seconds]) {
                // What does not wait for it may be done before.
                if (isset($least[$earlier])) {
                    $took = $earlier === $from ? 0 : $this->seconds[$earlier];
                    $least[$t] = max($least[$t] ?? 0, $least[$earlier] + $took + $seconds);
                }
            }
        }

        return $least[$to] ?? 0;
    }

    /** Whether somebody who may do a task is not kept day by day. */
    private function hasOpenCrew(int $t): bool
    {
        foreach ($this->crews[$t] as $crew) {
            if ($crew->gate < 0) {
                return true;
            }
        }

        return false;
    }

    /** What is mounted has the lathe: up to the task that takes it off, and whatever may move that later. */
    private function addOpening(int $piece, int $first): void
    {
        $last = -1;
        for ($t = $first, $count = count($this->tasks); $t < $count; $t++) {
            if ($this->heldNow[$t] !== [] || $this->anchor[$t] <= $last) {
                $last = $t;
            }
        }
        for ($t = $first; $t <= $last; $t++) {
            $this->opening[] = $piece;
        }
    }

    /** @return array{int, int, int} least seconds, most (-1: none), number of the wait (-1: the same at any time) */
    private function wait(Wait $wait): array
    {
        if ($wait->kinetics === null) {
            return [$wait->opens(0, null), $wait->closes(0, null) ?? -1, -1];
        }

        // Least by the air is not known before it is asked for: nothing is, for a bound.
        return [0, $wait->maxHours === null ? -1 : 0, $this->numbered($wait)];
    }

    private function numbered(Wait $wait): int
    {
        // Alike ones are one: they open and close at the same times.
        $key = serialize([$wait->minHours, $wait->maxHours, $wait->kinetics]);
        if (! isset($this->numbers[$key])) {
            $this->numbers[$key] = count($this->waits);
            $this->waits[] = $wait;
        }

        return $this->numbers[$key];
    }

    /**
     * @param  array<string, int>  $needs
     * @return list<int> resource, quantity, resource, quantity …
     */
    private function pairs(array $needs): array
    {
        $pairs = [];
        foreach ($needs as $name => $quantity) {
            if (isset($this->resources[$name])) {
                array_push($pairs, $this->resources[$name], $quantity);
            }
        }

        return $pairs;
    }
}
