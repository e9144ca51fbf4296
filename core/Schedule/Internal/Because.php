<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

use HonestGrain\Schedule\PlacedTask;

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
     * @return list<string> in order of time
     */
    public static function of(array $tasks, array $names): array
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
                $for = $delay->busyWith === null || $delay->busyWith === $at->piece ? 'working hours' : 'hands busy with '.($names[$delay->busyWith] ?? $delay->busyWith).', and working hours';
                $links[] = [$delay->idleSeconds, $at->start, sprintf('%s waits %s for %s', $at->task->words(first: true), self::span($delay->idleSeconds), $for)];
            }
            if ($delay->after !== null && $delay->waitSeconds >= self::WORTH_TELLING_SECONDS) {
                $links[] = [$delay->waitSeconds, $at->start - 1, sprintf('%s waits %s after %s', $at->task->words(first: true), self::span($delay->waitSeconds), $byId[$delay->after]->task->words())];
            }
        }
        usort($links, fn (array $a, array $b): int => $b[0] <=> $a[0]);
        $links = array_slice($links, 0, self::MOST);
        usort($links, fn (array $a, array $b): int => $a[1] <=> $b[1]);

        return $links === [] ? ['The work itself takes this long.'] : array_column($links, 2);
    }

    public static function span(int $seconds): string
    {
        return $seconds >= 48 * 3600 ? sprintf('%.1f days', $seconds / 86_400) : sprintf('%.1f h', $seconds / 3600);
    }
}
