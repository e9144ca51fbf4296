<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

use HonestGrain\Schedule\PlacedTask;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * The chain that decides when a piece is done, walked back from its last task and put in words.
 *
 * @internal
 */
final class Because
{
    private const MOST = 5;

    private const WORTH_TELLING_SECONDS = 3600;

    /**
     * @param  non-empty-list<PlacedTask>  $tasks  of one piece
     * @param  array<string, string>  $names  of all pieces, by id
     * @return list<Said> in order of time
     */
    public static function of(array $tasks, array $names, Calendar $calendar): array
    {
        $byId = [];
        $last = $tasks[0];
        foreach ($tasks as $placed) {
            $byId[$placed->task->id] = $placed;
            $last = $placed->end >= $last->end ? $placed : $last;
        }
        $links = [];
        for ($at = $last; $at !== null; $at = $at->delay->after === null ? null : $byId[$at->delay->after]) {
            $delay = $at->delay;
            if ($delay->idleSeconds >= self::WORTH_TELLING_SECONDS) {
                $links[] = [$delay->idleSeconds, $at->start, self::idle($at, $names, $calendar)];
            }
            if ($delay->after !== null && $delay->waitSeconds >= self::WORTH_TELLING_SECONDS) {
                $links[] = [
                    $delay->waitSeconds, $at->start - 1,
                    new Said('schedule.because.waits-after', [
                        'task' => $at->task->words(first: true),
                        'span' => self::span($delay->waitSeconds),
                        'task2' => $byId[$delay->after]->task->words(),
                    ]),
                ];
            }
        }
        usort($links, fn (array $a, array $b): int => $b[0] <=> $a[0]);
        $links = array_slice($links, 0, self::MOST);
        usort($links, fn (array $a, array $b): int => $a[1] <=> $b[1]);

        return $links === [] ? [new Said('schedule.because.work-itself-takes-long')] : array_column($links, 2);
    }

    /**
     * What kept a task that was ready: hands busy elsewhere only for the hours in which the shop was open.
     *
     * @param  array<string, string>  $names
     */
    private static function idle(PlacedTask $at, array $names, Calendar $calendar): Said
    {
        $idle = $at->delay->idleSeconds;
        $open = $calendar->openSeconds($at->start - $idle, $at->start);
        $other = $at->delay->busyWith;
        $busy = $other !== null && $other !== $at->piece && $open >= self::WORTH_TELLING_SECONDS;
        if (! $busy && $other === null && $open >= self::WORTH_TELLING_SECONDS) {
            return new Said('schedule.because.held-back', [
                'task' => $at->task->words(first: true),
                'span' => self::span($idle),
            ]);
        }
        if (! $busy) {
            return new Said('schedule.because.waits-working-hours', [
                'task' => $at->task->words(first: true),
                'span' => self::span($idle),
            ]);
        }
        $name = $names[$other] ?? $other;

        return $idle - $open >= self::WORTH_TELLING_SECONDS
            ? new Said('schedule.because.waits-working-time-hands', [
                'task' => $at->task->words(first: true),
                'span' => self::span($idle),
                'span2' => self::span($open),
                'name' => $name,
            ])
            : new Said('schedule.because.waits-hands-busy', [
                'task' => $at->task->words(first: true),
                'span' => self::span($idle),
                'name' => $name,
            ]);
    }

    private static function span(int $seconds): Said
    {
        return $seconds >= 48 * 3600 ? new Said('schedule.because.days', ['days' => Quantity::count($seconds / 86_400)])
            : new Said('schedule.because.hours', ['hours' => Quantity::hours($seconds / 3600)]);
    }
}
