<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\StepState;
use HonestGrain\Coating\CureClock;
use HonestGrain\Coating\Exception\Stalled;
use HonestGrain\Route\Step;
use HonestGrain\Schedule\Lag;
use HonestGrain\Schedule\Task;

/** When a step of a route may be, will be or was done, as columns of `planned_steps`; seconds UTC within, SQL out. */
final readonly class StepTimes
{
    public const COLUMNS = [
        'position', 'state', 'is_next', 'start_at', 'end_at', 'waits_from', 'opens_at', 'closes_at', 'wait_from_h',
        'wait_until_h', 'must_at', 'given_up_at', 'who',
    ];

    private function __construct(private Step $step, private CureClock $clock)
    {
    }

    /**
     * @param  array{start: int|null, end: int|null}  $placed
     * @param  array{must_at: string|null, given_up_at: string|null, who: string|null}  $said  what its plan says of it
     * @return array<string, scalar|null> by column
     */
    public static function of(
        Step $step,
        History $history,
        CureClock $clock,
        array $placed,
        ?Task $left,
        array $said,
    ): array {
        $self = new self($step, $clock);
        $before = array_map(fn (Lag $lag): string => $lag->task, $step->timing->after);
        $doneAt = $history->done[$step->id] ?? null;
        $isOpen = ! $history->settles($step->id);
        $waiting = array_filter($before, fn (string $id): bool => ! $history->settles($id));
        $end = $doneAt ?? $placed['end'];
        [$from, $until] = $self->waitHere($end);

        return [
            'state' => ($doneAt !== null ? StepState::Done : ($isOpen ? StepState::Open : StepState::Skipped))->value,
            'is_next' => (int) ($isOpen && $waiting === []),
            'start_at' => self::sql($placed['start']), 'end_at' => self::sql($end),
            'waits_from' => self::sql($history->lastOf(...$before)),
            'opens_at' => self::sql($left?->bounds->notBefore), 'closes_at' => self::sql($left?->bounds->notAfter),
            'wait_from_h' => $from, 'wait_until_h' => $until,
        ] + $said;
    }

    public static function sql(?int $second): ?string
    {
        return $second === null ? null : gmdate('Y-m-d H:i:s', $second);
    }

    /**
     * How long the step's wait lasts in this shop's own air, from when the step is or will be done, hours.
     *
     * @return array{float|null, float|null}
     */
    private function waitHere(?int $from): array
    {
        $wait = $this->step->timing->wait;
        if ($from === null || ($wait->minHours <= 0 && $wait->maxHours === null)) {
            return [null, null];
        }
        try {
            [$opens, $closes] = [$wait->opens($from, $this->clock), $wait->closes($from, $this->clock)];
        } catch (Stalled) {
            return [null, null];
        }

        return [round(($opens - $from) / 3600, 2), $closes === null ? null : round(($closes - $from) / 3600, 2)];
    }
}
