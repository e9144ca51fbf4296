<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Calibration\BenchFigures;
use HonestGrain\Holding\Position;
use HonestGrain\Holding\Positions;
use HonestGrain\Holding\Stance;
use HonestGrain\Route\Internal\Work\PartContext;
use HonestGrain\Route\Step;
use HonestGrain\Route\StepKind;
use HonestGrain\Schedule\Lag;
use HonestGrain\Technique\Work;

/**
 * Operations as the steps of a route, in their stages; what is left is arranged anew from where the work has come to.
 *
 * @internal
 */
final readonly class Itinerary
{
    /** @var array<string, Operation> by id */
    private array $operations;

    /** @var list<Stage> how all of it is arranged, whatever has been done */
    public array $stages;

    /** @var array<string, list<Precedence>> by the later operation */
    private array $before;

    /** @var array<string, Positions> by part */
    private array $positions;

    /**
     * @param  list<Operation>  $operations
     * @param  array<string, PartContext>  $subjects  by part
     * @param  list<Stage>|null  $known  how operations of the same names were arranged already; null where not
     */
    public function __construct(
        array $operations,
        private array $subjects,
        private Ordering $ordering,
        private BenchFigures $figures,
        ?array $known = null,
    ) {
        $this->operations = array_column($operations, null, 'id');
        $before = array_fill_keys(array_keys($this->operations), []);
        foreach ($ordering->precedences() as $precedence) {
            $before[$precedence->later][] = $precedence;
        }
        $this->before = $before;
        $this->positions = array_map(fn (PartContext $subject): Positions => $subject->positions, $subjects);
        $this->stages = $known ?? $this->arranged($this->operations, []);
    }

    /**
     * @param  list<string>  $done  steps that have been done, in order
     * @param  list<string>  $again  those of them that are to be done again
     * @return list<Step> in a workable order
     */
    public function steps(array $done, array $again): array
    {
        $steps = $this->laid($this->operations, $this->stages, new Laid)->steps;

        return Reduced::of($again === [] && ($done === [] || $this->agrees($steps, $done))
            ? $steps : $this->resumed($steps, $done, array_fill_keys($again, true)));
    }

    /**
     * @param  array<string, Operation>  $operations
     * @param  list<Stage>  $past
     * @return list<Stage>
     */
    private function arranged(array $operations, array $past): array
    {
        return Arrangement::of(
            array_values($operations), $this->positions, $this->ordering->precedences(), $this->figures, $past,
        );
    }

    /**
     * @param  array<string, Operation>  $operations
     * @param  list<Stage>  $stages
     */
    private function laid(array $operations, array $stages, Laid $from): Laid
    {
        return (new StageFold($operations, $this->before, $this->subjects, $this->figures))->over($stages, $from);
    }

    /**
     * Whether what has been done went as the route has it: no part was taken on while work of an earlier mount was
     * left.
     *
     * @param  list<Step>  $steps
     * @param  list<string>  $done
     */
    private function agrees(array $steps, array $done): bool
    {
        $isDone = array_fill_keys($done, true);
        $left = [];
        foreach ($steps as $step) {
            if (! isset($isDone[$step->id])) {
                $left[$step->part ?? ''] ??= $step;
            } elseif (isset($left[$step->part ?? ''])) {
                $open = $left[$step->part ?? ''];
                if ($open->setup->stage !== $step->setup->stage || $open->kind === StepKind::Mount
                    || $this->goesWithout($open->id, $isDone)) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * What is left, from where the work has really come to, after what was done.
     *
     * @param  list<Step>  $steps
     * @param  list<string>  $done
     * @param  array<string, true>  $isVoid  of them, what is to be done again
     * @return list<Step>
     */
    private function resumed(array $steps, array $done, array $isVoid): array
    {
        $known = array_column($steps, null, 'id');
        $past = $sat = [];
        $laid = new Laid;
        foreach ($done as $id) {
            $operation = $this->operations[$id] ?? null;
            $step = $known[$id] ?? null;
            if ($step === null || $step->part === null) {
                continue;
            }
            // What is done by hand is done wherever the part happens to be.
            $isByHand = $operation?->work() === Work::Hand && $operation->setup->stances === null;
            $position = $isByHand ? $sat[$step->part] ?? $this->positionOf($step) : $this->positionOf($step);
            $sat[$step->part] = $position;
            $past[] = new Stage($step->part, $position, $operation === null || isset($isVoid[$id]) ? [] : [$id]);
            if (! isset($isVoid[$id])) {
                $laid = $laid->then($step->after(array_values(array_filter(
                    $step->timing->after, fn (Lag $lag): bool => $laid->has($lag->task),
                ))));
            }
            $laid = $laid->at($step->part, $laid->part($step->part)->done(
                $step, $position, isset($isVoid[$id]), $operation,
            ));
        }
        $isDone = array_diff_key(array_fill_keys($done, true), $isVoid);
        $past = [...$this->passedOver($isDone, $isVoid), ...$past];
        $operations = array_map(fn (Operation $operation): Operation => ! isset($isDone[$operation->id])
            // What held it is gone: what would have spun there is done by hand.
            && $laid->part($operation->part)->isReleased ? $operation->byHand() : $operation, $this->operations);

        return $this->laid($operations, $this->arranged($operations, $past), $laid)->steps;
    }

    /**
     * What is left out, since what it only prepares for has been done.
     *
     * @param  array<string, true>  $isDone
     * @param  array<string, true>  $isVoid
     * @return list<Stage>
     */
    private function passedOver(array $isDone, array $isVoid): array
    {
        $passed = [];
        foreach ($this->operations as $id => $operation) {
            if (! isset($isDone[$id]) && ! isset($isVoid[$id]) && $this->goesWithout($id, $isDone)) {
                $off = $this->positions[$operation->part]->at(Stance::Off);
                $passed[] = new Stage($operation->part, $off, [$id]);
            }
        }

        return $passed;
    }

    /**
     * Whether it only prepares for something that is done: it was done with that, or is past.
     *
     * @param  array<string, true>  $isDone
     */
    private function goesWithout(string $id, array $isDone): bool
    {
        $kind = $this->operations[$id]->kind ?? null;
        if ($kind === null || ! $kind->isPrepared()) {
            return false;
        }
        foreach (array_keys($isDone) as $later) {
            foreach ($this->before[$later] ?? [] as $precedence) {
                if ($precedence->first === $id && ! $precedence->bends) {
                    return true;
                }
            }
        }

        return false;
    }

    private function positionOf(Step $step): Position
    {
        $positions = $this->positions[$step->part ?? ''];
        foreach ($positions->onLathe() as $position) {
            if ($position->mount === $step->setup->mount
                && $position->stance->footOut() === $step->setup->footOut) {
                return $position;
            }
        }
        foreach ($positions->onLathe() as $position) {
            if ($position->mount === $step->setup->mount) {
                return $position;
            }
        }

        return $positions->at(Stance::Off);
    }
}
