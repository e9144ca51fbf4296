<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Calibration\BenchFigures;
use HonestGrain\Geometry\Face;
use HonestGrain\Holding\Stance;
use HonestGrain\Route\Internal\Work\PartContext;
use HonestGrain\Route\Reason;
use HonestGrain\Route\StepKind;
use HonestGrain\Schedule\Lag;
use HonestGrain\Schedule\Wait;

/**
 * Lays stages out as steps, one after the other: the mounts between them, and what each step waits for.
 *
 * @internal
 */
final readonly class StageFold
{
    /**
     * @param  array<string, Operation>  $operations  by id
     * @param  array<string, list<Precedence>>  $before  by the later operation
     * @param  array<string, PartContext>  $subjects  by part
     */
    public function __construct(
        private array $operations,
        private array $before,
        private array $subjects,
        private BenchFigures $figures,
    ) {
    }

    /** @param  list<Stage>  $stages */
    public function over(array $stages, Laid $from): Laid
    {
        return array_reduce($stages, fn (Laid $laid, Stage $stage): Laid => $stage->position->isOnLathe()
            ? $this->onLathe($laid, $stage) : $this->offLathe($laid, $stage), $from);
    }

    private function onLathe(Laid $laid, Stage $stage): Laid
    {
        $part = $stage->part;
        if ($laid->part($part)->sits !== $stage->position->stance) {
            $laid = $this->mounted($laid->at($part, $laid->part($part)->begun(true)), $stage);
        }
        $before = $laid->part($part)->open;
        $isFollowed = [];
        foreach ($stage->operations as $id) {
            $lags = $this->lags($laid, $id);
            $lags += self::afterOpen($laid->part($part), $lags);
            $isFollowed += $lags;
            $laid = $this->then($laid->staying($part, $id), $stage, $this->operations[$id], $lags);
        }
        $laid = $laid->at($part, $laid->part($part)->open(self::unfollowed(
            [...$before, ...$stage->operations], $isFollowed,
        )));

        return $laid->onLathe($part, $stage->comesOff ? Stance::Off : $stage->position->stance);
    }

    private function offLathe(Laid $laid, Stage $stage): Laid
    {
        $part = $stage->part;
        $so = $laid->part($part);
        // Off the lathe for a second time without having been on it: what was done before is no stage of its own.
        $goesOn = $so->isOn === false;
        $earlier = $goesOn ? $so->open : [];
        $laid = $laid->at($part, $so->begun(false));
        $isFollowed = [];
        foreach ($stage->operations as $id) {
            $lags = $this->lags($laid, $id);
            $isInner = $goesOn || array_intersect($stage->operations, array_keys($lags)) !== [];
            $isFollowed += $lags;
            $lags += $isInner ? [] : self::afterOpen($so, $lags);
            $laid = $this->then($laid, $stage, $this->operations[$id], $lags);
        }

        return $laid->at($part, $laid->part($part)->sitting(Stance::Off)->open(self::unfollowed(
            [...$earlier, ...$stage->operations], $isFollowed,
        )));
    }

    /**
     * @param  list<string>  $steps
     * @param  array<string, Lag>  $isFollowed
     * @return list<string>
     */
    private static function unfollowed(array $steps, array $isFollowed): array
    {
        return array_values(array_filter($steps, fn (string $id): bool => ! isset($isFollowed[$id])));
    }

    /** @param  array<string, Lag>  $lags  by the step before */
    private function then(Laid $laid, Stage $stage, Operation $operation, array $lags): Laid
    {
        $so = $laid->part($operation->part);
        $step = (new Stepping($operation, $stage, $so, $this->subjects[$operation->part]))->step(
            array_values($this->settled($so, $operation, $lags)), array_map(
                fn (Precedence $one): Reason => new Reason($one->first, $one->because, $one->bends),
                $this->before[$operation->id],
            ),
        );

        return $laid->then($step)->at($operation->part, $so->after($operation));
    }

    /** Put on the lathe, once all that the stage needs has had its time. */
    private function mounted(Laid $laid, Stage $stage): Laid
    {
        $so = $laid->part($stage->part);
        $lags = [];
        foreach ($so->open as $id) {
            $lags[$id] = new Lag($id, ($this->operations[$id] ?? null)?->settling() ?? Wait::none());
        }
        foreach ($stage->operations as $id) {
            foreach ($this->lags($laid, $id) as $before => $lag) {
                $isLonger = ! isset($lags[$before]) || $lags[$before]->wait->minHours < $lag->wait->minHours;
                if (! in_array($before, $stage->operations, true) && $isLonger) {
                    $lags[$before] = new Lag($before, Wait::hours($lag->wait->minHours, null, $lag->wait->kinetics));
                }
            }
        }
        $firmHours = 0.0;
        // After all that a hold would mark: a film that is pressed on wants to be firm first.
        foreach ($so->settling as $id) {
            $operation = $this->operations[$id];
            $pressing = self::presses($stage, $operation) ? $operation->timing->pressing : null;
            $firmHours = max($firmHours, $pressing->minHours ?? 0.0);
            $lags = self::atLeast($lags, $id, $pressing ?? $operation->settling());
        }
        $mounting = Mounting::of(
            subject: $this->subjects[$stage->part], stage: $stage, so: $so, figures: $this->figures,
            after: array_values($lags), firmHours: $firmHours,
        );

        return $laid->then($mounting->step)->at($stage->part, $so->mounted(
            $mounting->step->id, $stage->position->stance, $mounting->isTurned,
        ));
    }

    /** Whether a hold presses on what an operation left. */
    private static function presses(Stage $stage, Operation $operation): bool
    {
        return $stage->position->mount->isSoft()
            && Face::except($operation->faces(), $stage->position->reaches) !== [];
    }

    /**
     * What an operation waits for by its own needs.
     *
     * @return array<string, Lag> by the step before
     */
    private function lags(Laid $laid, string $id): array
    {
        $lags = [];
        foreach ($this->before[$id] as $precedence) {
            if ($laid->has($precedence->first)) {
                $lags[$precedence->first] = new Lag($precedence->first, $precedence->wait);
            }
        }

        return $lags;
    }

    /**
     * After all that was done to the part in its stage before.
     *
     * @param  array<string, Lag>  $known
     * @return array<string, Lag>
     */
    private static function afterOpen(PartProgress $so, array $known): array
    {
        $lags = [];
        foreach ($so->open as $id) {
            $lags[$id] = $known[$id] ?? new Lag($id, Wait::none());
        }

        return $lags;
    }

    /**
     * The same, and after all of the part that may not be handled yet.
     *
     * @param  array<string, Lag>  $lags  by the step before
     * @return array<string, Lag>
     */
    private function settled(PartProgress $so, Operation $operation, array $lags): array
    {
        $goesOn = in_array($operation->kind, [
            StepKind::Coat, StepKind::WipeOff, StepKind::Denib, StepKind::DustOff,
        ], true);
        foreach ($so->settling as $id) {
            // The wait of a step of the maker's own holds all that comes after it on the part.
            $isOwn = $this->operations[$id]->kind === StepKind::Own;
            if ($isOwn || ($operation->handles() && ! ($goesOn && isset($lags[$id])))) {
                $lags = self::atLeast($lags, $id, $this->operations[$id]->settling());
            }
        }

        return $lags;
    }

    /**
     * @param  array<string, Lag>  $lags  by the step before
     * @return array<string, Lag>
     */
    private static function atLeast(array $lags, string $id, Wait $wait): array
    {
        $known = $lags[$id] ?? null;
        if ($wait->minHours > 0 && ($known === null || $known->wait->minHours < $wait->minHours)) {
            $lags[$id] = new Lag($id, $wait);
        }

        return $lags;
    }
}
