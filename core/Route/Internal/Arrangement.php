<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Calibration\BenchFigures;
use HonestGrain\Holding\Position;
use HonestGrain\Holding\Positions;
use HonestGrain\Holding\Stance;
use HonestGrain\Technique\Work;

/**
 * Which operations are done in which position, at the least minutes of mounting: branch and bound over which part is
 * mounted how next, exact among the ways in which nothing that can be done is put off. A part that must wait long comes
 * off, so that putting such work off for another part's could save a mount: in one of 1,500 small random jobs it did.
 *
 * @internal
 */
final class Arrangement
{
    /** Real pieces take some dozens; beyond this the best so far is taken. */
    private const MOST_NODES = 600;

    /** @var list<Stage> */
    private array $best = [];

    private float $bestMinutes = INF;

    private int $nodes = 0;

    /** @var array<string, float> state => least minutes it was reached with */
    private array $reached = [];

    /** @var list<Operation> smallest rank first */
    private array $operations;

    /** @var array<int, list<int>> operation => those that come after it */
    private array $after = [];

    /** @var array<int, int> operation => how many come before it */
    private array $pending = [];

    /** @var array<int, array<string, true>> operation => positions it can be done in, by stance */
    private array $stances = [];

    /** @var array<string, array{string, Stance, list<int>}> where on the lathe alone some are done, and those */
    private array $only = [];

    /** @var array<int, bool> whether the part comes off the lathe after it */
    private array $isLong = [];

    /** @var array<string, Entries> by part */
    private array $entries = [];

    /**
     * @param  list<Operation>  $operations
     * @param  array<string, Positions>  $positions  by part
     * @param  list<Precedence>  $precedences
     */
    private function __construct(
        array $operations,
        private readonly array $positions,
        array $precedences,
        private readonly BenchFigures $figures,
    ) {
        usort(
            $operations,
            fn (Operation $a, Operation $b): int => [$a->timing->rank, $a->id] <=> [$b->timing->rank, $b->id],
        );
        $this->operations = $operations;
        $numbers = [];
        foreach ($operations as $i => $operation) {
            $numbers[$operation->id] = $i;
            $this->after[$i] = [];
            $this->pending[$i] = 0;
            $this->stances[$i] = $this->stancesOf($operation);
            $this->isLong[$i] = $operation->timing->wait->minHours > $figures->staysMountedHours;
            $only = count($this->stances[$i]) === 1 ? array_key_first($this->stances[$i]) : Stance::Off->value;
            if ($only !== Stance::Off->value) {
                $this->only["$operation->part $only"] ??= [$operation->part, Stance::from($only), []];
                $this->only["$operation->part $only"][2][] = $i;
            }
        }
        foreach ($precedences as $precedence) {
            $this->after[$numbers[$precedence->first]][] = $numbers[$precedence->later];
            $this->pending[$numbers[$precedence->later]]++;
        }
        foreach ($precedences as $precedence) {
            [$first, $later] = [$numbers[$precedence->first], $numbers[$precedence->later]];
            // What is only waited for off the lathe, such as a cure, takes nothing off that goes on there first.
            if ($precedence->wait->minHours > $figures->staysMountedHours
                && (array_keys($this->stances[$later]) !== [Stance::Off->value] || ! $this->goesOn($first))) {
                $this->isLong[$first] = true;
            }
        }
        foreach (array_keys($positions) as $part) {
            $this->entries[$part] = new Entries($part, $this->operations, $this->stances, $this->isLong, $this->after);
        }
    }

    /**
     * @param  list<Operation>  $operations
     * @param  array<string, Positions>  $positions  by part
     * @param  list<Precedence>  $precedences  without a circle
     * @param  list<Stage>  $past  what has been done already
     * @return list<Stage>
     */
    public static function of(
        array $operations,
        array $positions,
        array $precedences,
        BenchFigures $figures,
        array $past = [],
    ): array {
        $self = new self($operations, $positions, $precedences, $figures);
        $numbers = array_flip(array_map(fn (Operation $one): string => $one->id, $self->operations));
        $begun = new Progress($self->pending);
        foreach ($past as $stage) {
            foreach ($stage->operations as $id) {
                $begun->do($numbers[$id], $self->after[$numbers[$id]]);
            }
            $begun->sit($stage->part, $stage->position->stance);
        }
        $self->search($begun, [], 0.0);

        return $self->best;
    }

    /** @param  list<Stage>  $stages */
    private function search(Progress $at, array $stages, float $minutes): void
    {
        if ($at->isDone()) {
            [$this->best, $this->bestMinutes] = [$stages, $minutes];

            return;
        }
        if (++$this->nodes > self::MOST_NODES && $this->best !== []) {
            return;
        }
        foreach ($this->moves($at) as [$part, $position]) {
            $isReturn = $at->wasSo($part, $position->stance);
            $cost = $minutes + $this->entering($part, $position, $at);
            if ($cost >= $this->bestMinutes) {
                continue;
            }
            $next = clone $at;
            [$did, $comesOff] = $this->work($next, $part, $position);
            if ($cost + $this->least($next) >= $this->bestMinutes) {
                continue;
            }
            $state = $next->key();
            if (($this->reached[$state] ?? INF) <= $cost) {
                continue;
            }
            $this->reached[$state] = $cost;
            $this->search($next, [...$stages, new Stage($part, $position, $did, $isReturn, $comesOff)], $cost);
        }
    }

    /**
     * Where something can be done next. What costs nothing is done without looking further: where a part sits already,
     * or off the lathe where it does not sit on it.
     *
     * @return list<array{string, Position}>
     */
    private function moves(Progress $at): array
    {
        $moves = [];
        foreach ($at->free() as $i) {
            $operation = $this->operations[$i];
            $sits = $at->sits($operation->part);
            $isMounted = $sits !== null && $sits !== Stance::Off->value;
            foreach ($this->stances[$i] as $stance => $true) {
                if ($sits === $stance || ($stance === Stance::Off->value && ! $isMounted)) {
                    return [[$operation->part, $this->positions[$operation->part]->at(Stance::from($stance))]];
                }
                $isOff = $stance === Stance::Off->value;
                $moves[(int) ! $isOff]["$operation->part $stance"] ??= [
                    $operation->part, $this->positions[$operation->part]->at(Stance::from($stance)),
                ];
            }
        }
        ksort($moves);

        return array_merge(...array_map(array_values(...), array_values($moves)));
    }

    /**
     * Does everything that can be done to a part in a position: what needs no long wait first; after a long one it
     * comes off. What parts it off the hold that it sits in is the last of it.
     *
     * @return array{list<string>, bool} what was done, and whether it comes off
     */
    private function work(Progress $at, string $part, Position $position): array
    {
        $at->sit($part, $position->stance);
        $stance = $position->stance->value;
        $isHere = fn (int $i): bool => $this->operations[$i]->part === $part && isset($this->stances[$i][$stance]);
        /** @var \SplMinHeap<int> $open */
        $open = new \SplMinHeap;
        foreach ($at->free() as $i) {
            if ($isHere($i)) {
                $open->insert($i);
            }
        }
        $did = $long = $freeing = [];
        while (! $open->isEmpty()) {
            $i = $open->extract();
            if ($position->stance === Stance::Main && $this->operations[$i]->partsOff()) {
                $freeing[] = $i;

                continue;
            }
            if ($this->isLong[$i] && $position->isOnLathe()) {
                $long[] = $i;

                continue;
            }
            $did[] = $this->operations[$i]->id;
            foreach ($at->do($i, $this->after[$i]) as $freed) {
                if ($isHere($freed)) {
                    $open->insert($freed);
                }
            }
        }
        // What can be done off the lathe as well is done there, once it is free.
        $mayWait = array_filter($long, fn (int $i): bool => isset($this->stances[$i][Stance::Off->value]));
        $last = $freeing !== [] && count($mayWait) === count($long) ? $freeing : $long;
        foreach ($last as $i) {
            $did[] = $this->operations[$i]->id;
            $at->do($i, $this->after[$i]);
        }
        if ($last !== []) {
            $at->sit($part, Stance::Off);
        }

        return [$did, $last !== []];
    }

    private function entering(string $part, Position $position, Progress $at): float
    {
        return match (true) {
            ! $position->isOnLathe(), $at->sits($part) === $position->stance->value => 0.0,
            default => $this->mounting($part, $position->stance, $at),
        };
    }

    private function mounting(string $part, Stance $stance, Progress $at): float
    {
        return match (true) {
            $at->wasSo($part, $stance) => $this->figures->remountMinutes,
            $stance === Stance::Foot => $this->figures->reverseMinutes,
            default => $this->figures->mountMinutes,
        };
    }

    /**
     * No way on takes less: every position that something left can only be done in is entered once more, and each part
     * is entered as often as the longest chain of what is left makes it come off and back.
     */
    private function least(Progress $at): float
    {
        $entered = $more = [];
        foreach ($this->only as [$part, $stance, $operations]) {
            if ($at->sits($part) !== $stance->value && $at->isAnyLeft($operations)) {
                $entered[$part] = ($entered[$part] ?? 0) + 1;
                $more[] = $this->mounting($part, $stance, $at) - $this->figures->remountMinutes;
            }
        }
        $free = $at->free();
        foreach ($this->entries as $part => $entries) {
            $entered[$part] = max($entered[$part] ?? 0, $entries->from($free, $at->sits($part)));
        }

        return array_sum($entered) * $this->figures->remountMinutes + array_sum($more);
    }

    /** Whether something that follows from an operation is done as the part sits on the lathe by then. */
    private function goesOn(int $i): bool
    {
        $here = array_diff_key($this->stances[$i], [Stance::Off->value => true]);
        foreach ($this->after[$i] as $later) {
            if ($this->operations[$later]->part === $this->operations[$i]->part
                && array_intersect_key($here, $this->stances[$later]) !== []) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, true> */
    private function stancesOf(Operation $operation): array
    {
        $positions = $this->positions[$operation->part];
        $stances = [];
        foreach ($operation->setup->stances ?? [] as $stance) {
            $stances[$stance->value] = true;
        }
        if ($stances !== []) {
            return $stances;
        }
        $mayBeOn = $operation->work()->isOnLathe() || $operation->work() === Work::Hand;
        foreach ($mayBeOn ? $positions->onLathe() : [] as $one) {
            if ($one->reachesAll($operation->faces())) {
                $stances[$one->stance->value] = true;
            }
        }
        if (! $operation->work()->isOnLathe() || $stances === []) {
            $stances[Stance::Off->value] = true;
        }

        return $stances;
    }
}
