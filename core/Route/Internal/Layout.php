<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Calibration\BenchFigures;
use HonestGrain\Holding\Mount;
use HonestGrain\Holding\Position;
use HonestGrain\Holding\Positions;
use HonestGrain\Holding\Stance;
use HonestGrain\Route\Internal\Work\PartContext;
use HonestGrain\Route\Reason;
use HonestGrain\Route\Shop;
use HonestGrain\Route\Step;
use HonestGrain\Route\StepKind;
use HonestGrain\Safety\Hazard;
use HonestGrain\Schedule\Lag;
use HonestGrain\Schedule\Wait;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * Lays operations out as steps: the mounts between them, what each waits for, and how the part is held at the time.
 *
 * @internal
 */
final class Layout
{
    /** @var array<string, Operation> by id */
    private array $operations = [];

    /** @var list<Stage> how all of it is arranged, whatever has been done */
    public array $stagesFound = [];

    /** @var array<string, list<Precedence>> by the later operation */
    private array $before = [];

    /** @var array<string, Positions> by part */
    private array $positions = [];

    /** @var list<Step> */
    private array $steps = [];

    /** @var array<string, list<string>> part => steps of its stage before, which nothing in that stage follows */
    private array $open = [];

    /** @var array<string, bool> part => whether it is off what held it */
    private array $released = [];

    /** @var array<string, string> part => stance */
    private array $sits = [];

    /** @var array<string, Stance> part => how it was held on the lathe last */
    private array $heldLast = [];

    /** @var array<string, int> part => how often it was turned round */
    private array $turned = [];

    /** @var array<string, int> part => number of its stage */
    private array $stages = [];

    /** @var array<string, bool> part => whether its stage is on the lathe */
    private array $isOn = [];

    /** @var array<string, true> steps that have been laid out */
    private array $laid = [];

    /** @var array<string, list<string>> part => operations after which it is left alone for a while */
    private array $settling = [];

    /**
     * @param  list<Operation>  $operations
     * @param  array<string, PartContext>  $subjects  by part
     * @param  list<Stage>|null  $known  how operations of the same names were arranged already; null where not
     */
    public function __construct(
        array $operations,
        private readonly array $subjects,
        private readonly Ordering $ordering,
        private readonly BenchFigures $figures,
        private readonly ?array $known = null,
    ) {
        foreach ($operations as $operation) {
            $this->operations[$operation->id] = $operation;
            $this->before[$operation->id] = [];
        }
        foreach ($ordering->precedences() as $precedence) {
            $this->before[$precedence->later][] = $precedence;
        }
        $this->positions = array_map(fn (PartContext $subject): Positions => $subject->positions, $subjects);
    }

    /**
     * @param  list<string>  $done  steps that have been done, in order
     * @param  list<string>  $again  those of them that are to be done again
     * @return list<Step> in a workable order
     */
    public function steps(array $done, array $again): array
    {
        $this->lay($this->stagesFound = $this->known ?? $this->arranged([]));
        if ($again !== [] || ($done !== [] && ! $this->agrees($done))) {
            $this->again($done, array_fill_keys($again, true));
        }

        return Reduced::of($this->steps);
    }

    /**
     * @param  list<Stage>  $past
     * @return list<Stage>
     */
    private function arranged(array $past): array
    {
        return Arrangement::of(
            array_values($this->operations), $this->positions, $this->ordering->precedences(), $this->figures, $past,
        );
    }

    /** @param  list<Stage>  $stages */
    private function lay(array $stages): void
    {
        foreach ($stages as $stage) {
            if ($stage->position->isOnLathe()) {
                $this->onLathe($stage);
            } else {
                $this->offLathe($stage);
            }
        }
    }

    /**
     * Whether what has been done went as the route has it: no part was taken on while work of an earlier mount was
     * left.
     *
     * @param  list<string>  $done
     */
    private function agrees(array $done): bool
    {
        $isDone = array_fill_keys($done, true);
        $left = [];
        foreach ($this->steps as $step) {
            if (! isset($isDone[$step->id])) {
                $left[$step->part ?? ''] ??= $step;
            } elseif (isset($left[$step->part ?? ''])) {
                $open = $left[$step->part ?? ''];
                if ($open->stage !== $step->stage || $open->kind === StepKind::Mount
                    || $this->goesWithout($open->id, $isDone)) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * What is left, from where the work has really come to.
     *
     * @param  list<string>  $done
     * @param  array<string, true>  $isVoid  of them, what is to be done again
     */
    private function again(array $done, array $isVoid): void
    {
        $known = array_column($this->steps, null, 'id');
        $past = $kept = $sat = [];
        foreach ($done as $id) {
            $operation = $this->operations[$id] ?? null;
            $step = $known[$id] ?? null;
            if ($step === null || $step->part === null) {
                continue;
            }
            // What is done by hand is done wherever the part happens to be.
            $isByHand = $operation?->work === Work::Hand && $operation->stances === null;
            $position = $isByHand ? $sat[$step->part] ?? $this->positionOf($step) : $this->positionOf($step);
            $sat[$step->part] = $position;
            $kept[] = [$step, $position];
            $past[] = new Stage($step->part, $position, $operation === null || isset($isVoid[$id]) ? [] : [$id]);
        }
        $this->steps = $this->laid = $this->settling = $this->open = $this->sits = $this->released = [];
        $this->turned = $this->heldLast = $this->stages = $this->isOn = [];
        foreach ($kept as [$step, $position]) {
            if (! isset($isVoid[$step->id])) {
                $after = array_filter($step->after, fn (Lag $lag): bool => isset($this->laid[$lag->task]));
                $this->steps[] = $step->after(array_values($after));
                $this->laid[$step->id] = true;
                if (isset($this->operations[$step->id])) {
                    $this->settling[$step->part ?? ''][] = $step->id;
                }
                $this->open[$step->part ?? ''] = [$step->id];
            }
            $this->sits[$step->part ?? ''] = $position->stance->value;
            $this->released[$step->part ?? ''] = ($this->released[$step->part ?? ''] ?? false)
                || ($step->technique === 'part-off' && ! isset($isVoid[$step->id]));
            $this->stages[$step->part ?? ''] = $step->stage;
            $this->isOn[$step->part ?? ''] = $position->isOnLathe();
            $this->turned[$step->part ?? ''] = ($this->turned[$step->part ?? ''] ?? 0)
                + (int) ($step->technique === 'reverse');
        }
        $isDone = array_diff_key(array_fill_keys($done, true), $isVoid);
        $past = [...$this->passedOver($isDone, $isVoid), ...$past];
        foreach ($this->operations as $id => $operation) {
            // What held it is gone: what would have spun there is done by hand.
            if (! isset($isDone[$id]) && ($this->released[$operation->part] ?? false)) {
                $this->operations[$id] = $operation->byHand();
            }
        }
        $this->lay($this->arranged($past));
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
            if ($position->mount === $step->mount) {
                return $position;
            }
        }

        return $positions->at(Stance::Off);
    }

    private function onLathe(Stage $stage): void
    {
        $part = $stage->part;
        $stays = ($this->sits[$part] ?? null) === $stage->position->stance->value;
        $before = $this->open[$part] ?? [];
        if (! $stays) {
            $this->beginStage($part, true);
            $mount = $this->mounting($stage);
            $this->add($mount);
            $this->heldLast[$part] = $stage->position->stance;
            $before = $this->open[$part] = [$mount->id];
        }
        $isFollowed = [];
        foreach ($stage->operations as $id) {
            $lags = $this->lags($id);
            $lags += $this->afterOpen($part, $lags);
            foreach (array_keys($lags) as $earlier) {
                $isFollowed[$earlier] = true;
            }
            $lags = $this->settled($this->operations[$id], $lags);
            $this->stay($id);
            $this->add($this->step($this->operations[$id], $stage, array_values($lags)));
        }
        $this->open[$part] = array_values(array_filter(
            [...$before, ...$stage->operations], fn (string $id): bool => ! isset($isFollowed[$id]),
        ));
        foreach ($this->sits as $other => $stance) {
            $this->sits[$other] = Stance::Off->value;
        }
        $this->sits[$part] = $stage->comesOff ? Stance::Off->value : $stage->position->stance->value;
    }

    /** The step before keeps the part mounted for this one, where it belongs to the same mount. */
    private function stay(string $next): void
    {
        $at = array_key_last($this->steps);
        $part = $this->operations[$next]->part;
        if ($at !== null && $this->steps[$at]->part === $part && $this->steps[$at]->mount?->spins() === true
            && $this->steps[$at]->stage === ($this->stages[$part] ?? 0)) {
            $this->steps[$at] = $this->steps[$at]->mountedUntil($next);
        }
    }

    private function offLathe(Stage $stage): void
    {
        $part = $stage->part;
        $here = array_fill_keys($stage->operations, true);
        $isFollowed = [];
        // Off the lathe for a second time without having been on it: what was done before is no stage of its own.
        $goesOn = ($this->isOn[$part] ?? true) === false;
        $earlier = $goesOn ? $this->open[$part] ?? [] : [];
        $this->beginStage($part, false);
        foreach ($stage->operations as $id) {
            $lags = $this->lags($id);
            $isInner = $goesOn || array_intersect_key($lags, $here) !== [];
            foreach (array_keys($lags) as $before) {
                $isFollowed[$before] = true;
            }
            $lags += $isInner ? [] : $this->afterOpen($part, $lags);
            $lags = $this->settled($this->operations[$id], $lags);
            $this->add($this->step($this->operations[$id], $stage, array_values($lags)));
        }
        $ends = array_values(array_filter(
            [...$earlier, ...$stage->operations], fn (string $id): bool => ! isset($isFollowed[$id]),
        ));
        $this->open[$part] = $ends;
        $this->sits[$part] = Stance::Off->value;
    }

    /**
     * What an operation waits for by its own needs.
     *
     * @return array<string, Lag> by the step before
     */
    private function lags(string $id): array
    {
        $lags = [];
        foreach ($this->before[$id] as $precedence) {
            if (isset($this->laid[$precedence->first])) {
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
    private function afterOpen(string $part, array $known): array
    {
        $lags = [];
        foreach ($this->open[$part] ?? [] as $id) {
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
    private function settled(Operation $operation, array $lags): array
    {
        $goesOn = in_array($operation->kind, [
            StepKind::Coat, StepKind::WipeOff, StepKind::Denib, StepKind::DustOff,
        ], true);
        foreach ($this->settling[$operation->part] ?? [] as $id) {
            $lag = $lags[$id] ?? null;
            // The wait of a step of the maker's own holds all that comes after it on the part.
            $isOwn = $this->operations[$id]->kind === StepKind::Own;
            if ($isOwn || ($operation->handles() && ! ($goesOn && $lag !== null))) {
                $lags = self::atLeast($lags, $id, $this->operations[$id]->settling());
            }
        }

        return $lags;
    }

    /**
     * The same, and after all that a hold would mark: a film that is pressed on wants to be firm first.
     *
     * @param  array<string, Lag>  $lags  by the step before
     * @return array<string, Lag>
     */
    private function pressed(Stage $stage, array $lags): array
    {
        foreach ($this->settling[$stage->part] ?? [] as $id) {
            $operation = $this->operations[$id];
            $isPressed = self::presses($stage, $operation);
            $lags = self::atLeast(
                $lags, $id, $isPressed ? $operation->pressing ?? $operation->settling() : $operation->settling(),
            );
        }

        return $lags;
    }

    /** Whether a hold presses on what an operation left. */
    private static function presses(Stage $stage, Operation $operation): bool
    {
        return $stage->position->mount->isSoft()
            && array_diff($operation->faces(), $stage->position->reaches) !== [];
    }

    /** How firm a film must be before a pad presses on it; empty where there is none. */
    private function firm(Stage $stage): ?Said
    {
        $hours = 0.0;
        foreach ($this->settling[$stage->part] ?? [] as $id) {
            $hours = self::presses($stage, $this->operations[$id])
                ? max($hours, $this->operations[$id]->pressing->minHours ?? 0.0) : $hours;
        }

        return $hours > 0 ? new Said('route.layout.not-before-each-coat', ['hours' => Quantity::hours($hours)]) : null;
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

    /** The part put on the lathe for a stage: once all that the stage needs has had its time. */
    private function mounting(Stage $stage): Step
    {
        $subject = $this->subjects[$stage->part];
        $holding = $subject->part->holding;
        $lags = [];
        foreach ($this->open[$stage->part] ?? [] as $id) {
            $operation = $this->operations[$id] ?? null;
            $lags[$id] = new Lag($id, $operation?->settling() ?? Wait::none());
        }
        foreach ($stage->operations as $id) {
            foreach ($this->lags($id) as $before => $lag) {
                $isLonger = ! isset($lags[$before]) || $lags[$before]->wait->minHours < $lag->wait->minHours;
                if (! in_array($before, $stage->operations, true) && $isLonger) {
                    $lags[$before] = new Lag($before, Wait::hours($lag->wait->minHours, null, $lag->wait->kinetics));
                }
            }
        }
        $lags = $this->pressed($stage, $lags);
        $isFirst = ! isset($this->turned[$stage->part]);
        $isTruing = ! $isFirst && $stage->position->stance === Stance::Truing;
        $isTurned = ! $isFirst && ! $stage->isReturn && ! $isTruing;
        $times = $this->turned[$stage->part] ?? 0;
        $id = match (true) {
            $isFirst => $subject->id('mount'),
            $isTruing => $subject->id('mount-to-true'),
            $isTurned => $subject->id($times === 0 ? 'reverse' : 'reverse-foot'),
            default => "{$stage->operations[0]}/mount",
        };
        $this->turned[$stage->part] = $times + (int) $isTurned;
        $words = $this->mountWords($stage, $isFirst, $isTurned);

        return new Step(
            id: $id, kind: StepKind::Mount, part: $stage->part, zone: implode(', ', $subject->faces()),
            title: $subject->title($words[0]), minutes: ceil(match (true) {
                $isFirst => $this->figures->mountMinutes,
                $isTruing => $this->figures->mountMinutes,
                $isTurned => $this->figures->reverseMinutes,
                default => $this->figures->remountMinutes,
            } - 1e-9), after: array_values($lags), wait: Wait::none(), waitFor: null,
            needs: [
                Shop::TURNER => 1, Shop::LATHE => 1, Shop::MOUNTS => 1,
            ], hold: $stage->position->mount->label(), because: $words[1],
            hazards: [Hazard::Lathe, Hazard::BeforeSwitch, ...Hazard::ofMount($stage->position->mount),
                ...$subject->spinning()], how: PartContext::said(...[...$words[2], $this->firm($stage)]),
            technique: $isTurned ? 'reverse' : 'mount', mount: $stage->position->mount, of: [$stage->part],
            brief: $isTurned ? new Said(
                'route.layout.turning-round',
            ) : new Said('route.layout.mounting'), stage: $this->stages[$stage->part],
        );
    }

    /** @return array{Said, Said, list<Said>} title, reason, what to mind */
    private function mountWords(Stage $stage, bool $isFirst, bool $isTurned): array
    {
        $subject = $this->subjects[$stage->part];
        $holding = $subject->part->holding;
        $isFoot = $stage->position->stance === Stance::Foot;
        $weak = array_filter($subject->part->flaws, fn ($flaw): bool => $flaw->on->zone() === 'foot'
            && $flaw->kind->weakensHold());
        $pad = $isFoot ? [$holding->releaseHow($subject->has('inside'))] : [];

        return match (true) {
            $isFoot => [$holding->turnRound(), new Said('route.layout.foot-can-reached-only'), $pad],
            $stage->position->stance === Stance::First => [
                new Said('route.layout.mount', ['mount' => $stage->position->mount->label()]),
                new Said('route.layout.hold-all-follows-cut'), [],
            ],
            $stage->position->stance === Stance::Truing => [
                new Said('route.layout.press-tail-centre-up', ['mount' => $stage->position->mount->label()]),
                new Said('route.layout.dried-oval-hold-trued'), [],
            ],
            ($this->heldLast[$stage->part] ?? null) === Stance::Truing => [
                new Said(
                    'route.layout.turn-round', ['mount' => $holding->mount()],
                ), new Said('route.layout.hold-true-again'),
                [$holding->marked()],
            ],
            $isTurned => [
                new Said(
                    'route.layout.turn-round', ['mount' => $holding->mount()],
                ), new Said('route.layout.all-left-spin-reached'),
                [$holding->marked()],
            ],
            $isFirst => [$holding->mount(), $holding->because(), $weak === [] ? []
                : [new Said('route.layout.wood-foot-flawed-bring')]],
            default => [
                new Said(
                    'route.layout.mount-again', ['mount' => $holding->mount()],
                ), new Said('route.layout.came-off-while-waited'),
                [$holding->remounted()],
            ],
        };
    }

    /** @param  list<Lag>  $lags */
    private function step(Operation $operation, Stage $stage, array $lags): Step
    {
        $subject = $this->subjects[$operation->part];
        $isOn = $stage->position->isOnLathe();
        $mount = $isOn ? $stage->position->mount : ($operation->work === Work::Points ? Mount::Points : Mount::Lap);
        $isWheel = $operation->kind === StepKind::Buff && $operation->work === Work::Lap;
        $needs = [Shop::TURNER => 1] + ($isOn || $isWheel ? [Shop::LATHE => 1, Shop::MOUNTS => 1] : [])
            + ($this->isSprayed($operation) ? [Shop::SPRAY => 1] : []) + $this->air($operation);
        if ($operation->technique->key() === 'part-off') {
            $this->released[$operation->part] = true;
        }

        return new Step(
            id: $operation->id, kind: $operation->kind, part: $operation->part,
            zone: $operation->zone ?? implode(', ', $operation->faces()),
            title: $operation->kind === StepKind::Own || $operation->kind === StepKind::Ready
                || $operation->kind === StepKind::FitLid || $operation->kind === StepKind::Glue
                ? $operation->title : $subject->title($operation->title),
            minutes: ceil($operation->minutes - 1e-9), after: $lags,
            wait: $operation->wait->minHours > 0 || $operation->wait->maxHours !== null
                ? $operation->wait : $operation->handling ?? $operation->wait,
            waitFor: $operation->waitFor, needs: $operation->kind === StepKind::Cure ? [] : $needs,
            hold: $this->hold($operation, $stage), because: $operation->because,
            hazards: $this->hazards($operation, $subject, $isOn), how: $operation->how, product: $operation->product,
            amount: $operation->amount, rpm: $isOn ? $this->rpm($operation, $stage) : null, film: $operation->film,
            technique: $operation->technique->key(), mount: $mount,
            of: array_values(array_unique([$operation->part, ...$operation->of])),
            brief: $operation->brief ?? Said::lower($operation->title),
            reasons: $this->reasons($operation->id), stage: $this->stages[$operation->part] ?? 0,
            dustFree: $subject->bench->sharesAir
                ? $operation->dustFree : null, isDusty: $operation->technique->character()->isDusty,
            abrading: $operation->abrading,
        );
    }

    /** No faster than the hold and the lathe take. */
    private function rpm(Operation $operation, Stage $stage): ?int
    {
        $most = $this->subjects[$operation->part]->bench->equipment->mostRpm($stage->position->mount);

        return $operation->rpm === null || $most === null ? $operation->rpm : min($operation->rpm, $most);
    }

    private function beginStage(string $part, bool $isOn): void
    {
        if ($isOn || ($this->isOn[$part] ?? true)) {
            $this->stages[$part] = ($this->stages[$part] ?? -1) + 1;
        }
        $this->isOn[$part] = $isOn;
    }

    /**
     * @return array<string, int> of the air that wet coats and dust share, where the shop dries in the room it works in
     */
    private function air(Operation $operation): array
    {
        return match (true) {
            ! $this->subjects[$operation->part]->bench->sharesAir => [],
            $operation->dustFree !== null => [Shop::AIR => 1],
            $operation->technique->character()->isDusty => [Shop::AIR => Shop::ALL_AIR],
            default => [],
        };
    }

    private function isSprayed(Operation $operation): bool
    {
        return in_array(Hazard::SprayMist, $operation->hazards, true);
    }

    private function hold(Operation $operation, Stage $stage): Said
    {
        $holding = $this->subjects[$operation->part]->part->holding;
        $isReleased = $this->released[$operation->part] ?? false;
        $on = match ($stage->position->stance) {
            Stance::Main => $holding->mounted(),
            Stance::Foot => $holding->hold(),
            Stance::First, Stance::Truing => $stage->position->mount->label(),
            Stance::Off => null,
        };

        return match (true) {
            $on !== null => Said::at($on, match (true) {
                $operation->work === Work::Hand => new Said('route.layout.lathe-stopped'),
                $operation->hold !== null && ! $operation->kind->isMark() => $operation->hold,
                $operation->work === Work::Locked => new Said('route.layout.locked-index'),
                default => new Said('technique.spinning'),
            }),
            $operation->hold !== null => $operation->hold,
            $operation->kind === StepKind::Coat && in_array('foot', $operation->faces(), true)
                && count($operation->faces()) < 2 => new Said('route.layout.upside-down-soft-pad'),
            $operation->work === Work::Points => $holding->drying(
                $isReleased || ! $holding->isPartedOff(),
            ),
            default => new Said('route.layout.on-the-bench'),
        };
    }

    /** @return list<Hazard> */
    private function hazards(Operation $operation, PartContext $subject, bool $isOn): array
    {
        $own = array_filter(
            $operation->technique->character()->hazards,
            fn (Hazard $hazard): bool => $hazard !== Hazard::Lathe || ($isOn && $operation->work === Work::Spinning)
                || ($operation->kind === StepKind::Buff && $operation->work === Work::Lap),
        );
        $ofWood = [Hazard::Dust, Hazard::ofDust($subject->part->wood)];
        $all = array_merge([], ...array_map(
            fn (Hazard $hazard): array => in_array($hazard, $ofWood, true) && $operation->kind !== StepKind::Denib
                ? Hazard::allOfDust($subject->part->wood) : [$hazard],
            [
                ...$own, ...$operation->hazards, ...$this->chips($operation, $subject),
                // The pin is still in when it is done.
                ...$isOn && $operation->work === Work::Locked && $operation->kind->isMark()
                    ? [Hazard::BeforeSwitch] : [],
            ],
        ));
        $isSpun = $isOn && $operation->work === Work::Spinning && ! in_array(Hazard::Lathe, $all, true);

        return array_values(array_unique([...$isSpun ? [Hazard::Lathe] : [], ...$all], SORT_REGULAR));
    }

    /**
     * Dry or harmful wood is dusty under the edge, too.
     *
     * @return list<Hazard>
     */
    private function chips(Operation $operation, PartContext $subject): array
    {
        return $operation->technique->character()->makesChips
            && (! $subject->isWet() || $subject->part->wood->dust->harms()) ? [Hazard::Dust] : [];
    }

    /** @return list<Reason> */
    private function reasons(string $id): array
    {
        return array_map(
            fn (Precedence $one): Reason => new Reason($one->first, $one->because, $one->bends), $this->before[$id],
        );
    }

    private function add(Step $step): void
    {
        $this->steps[] = $step;
        $this->laid[$step->id] = true;
        $operation = $this->operations[$step->id] ?? null;
        if ($operation !== null && ($operation->settling()->minHours > 0 || $operation->pressing !== null)) {
            $this->settling[$operation->part][] = $step->id;
        }
    }
}
