<?php

declare(strict_types=1);

namespace HonestGrain\Mending\Internal;

use HonestGrain\Coating\Kinetics;
use HonestGrain\Mending\Logged;
use HonestGrain\Route\Step;
use HonestGrain\Route\StepKind;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * The log of a face beside its plan: what was skipped, what went on before what was below it had its time, what was
 * done in much less than it takes.
 *
 * @internal
 */
final readonly class Record
{
    /** A step that was done in less of its planned minutes than this was hurried (workshop). */
    private const QUICK_SHARE = 0.5;

    /** Waits shorter than this are not told by a log. */
    private const TOLD_HOURS = 0.5;

    /** @var list<Step> of the face, done or not */
    private array $steps;

    public function __construct(private Logged $log, private SoFar $soFar)
    {
        $this->steps = [...$soFar->done, ...$soFar->left];
    }

    /** What the face was cut for, min. */
    public function cutMinutes(): float
    {
        return array_sum(array_map(
            fn (Step $step): float => $step->kind === StepKind::Turn ? $step->timing->minutes : 0.0, $this->soFar->done,
        ));
    }

    public function isColoured(): bool
    {
        return array_filter($this->soFar->done, fn (Step $step): bool => $step->kind === StepKind::Mark) !== [];
    }

    public function skipped(StepKind $kind): ?Said
    {
        foreach ($this->steps as $step) {
            if ($step->kind === $kind && in_array($step->id, $this->log->skipped, true)) {
                return new Said('mending.logged.skipped', ['step' => $step->words->title]);
            }
        }

        return null;
    }

    public function quick(StepKind $kind): ?Said
    {
        foreach ($this->steps as $step) {
            $took = $this->log->minutes[$step->id] ?? null;
            if ($step->kind === $kind && $took !== null && $took < self::QUICK_SHARE * $step->timing->minutes) {
                return new Said('mending.logged.quick', [
                    'step' => $step->words->title, 'took' => Quantity::minutes($took),
                    'planned' => Quantity::minutes($step->timing->minutes),
                ]);
            }
        }

        return null;
    }

    /** A coat that went on before the one below it had had its hours, at the temperature they are given for. */
    public function hurried(): ?Said
    {
        foreach ($this->steps as $step) {
            foreach ($step->kind === StepKind::Coat ? $step->timing->after : [] as $lag) {
                $hours = $this->log->hoursBetween($lag->task, $step->id);
                if ($hours !== null && $lag->wait->minHours > self::TOLD_HOURS && $hours < $lag->wait->minHours) {
                    return new Said('mending.logged.hurried', [
                        'step' => $step->words->title, 'hours' => Quantity::hours(round($hours, 1)),
                        'needs' => Quantity::hours($lag->wait->minHours),
                        'at' => Quantity::celsius(Kinetics::REFERENCE_C),
                    ]);
                }
            }
        }

        return null;
    }
}
