<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

use HonestGrain\Schedule\Cause;
use HonestGrain\Schedule\ChainLink;
use HonestGrain\Schedule\PlacedTask;

/**
 * The chain that decides when a piece is done, walked back from its last task.
 *
 * @internal
 */
final class Chain
{
    /** What is shorter is not told. */
    public const WORTH_TELLING_SECONDS = 3600;

    /**
     * @param  non-empty-list<PlacedTask>  $tasks  of one piece
     * @return list<ChainLink> in order of time
     */
    public static function of(array $tasks, Calendar $calendar): array
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
                $links[] = self::idle($at, $calendar);
            }
            if ($delay->after !== null && $delay->waitSeconds >= self::WORTH_TELLING_SECONDS) {
                $links[] = new ChainLink($at->task, Cause::Wait, $delay->waitSeconds, $delay->after);
            }
        }

        return array_reverse($links);
    }

    /** What kept a task that was ready: hands busy elsewhere only for the hours in which the shop was open. */
    private static function idle(PlacedTask $at, Calendar $calendar): ChainLink
    {
        $idle = $at->delay->idleSeconds;
        $open = $calendar->openSeconds($at->start - $idle, $at->start);
        $other = $at->delay->busyWith;

        return match (true) {
            $open < self::WORTH_TELLING_SECONDS => new ChainLink($at->task, Cause::Hours, $idle),
            $other === null => new ChainLink($at->task, Cause::Held, $idle),
            $other === $at->piece => new ChainLink($at->task, Cause::Hours, $idle),
            default => new ChainLink($at->task, Cause::Hands, $idle, $other, $open),
        };
    }
}
