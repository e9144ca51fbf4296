<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

use HonestGrain\Schedule\Cause;
use HonestGrain\Schedule\ChainLink;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * The chain that decides when a piece is done in words, the longest links of it: a task, and in some four words what
 * it waits for and how long.
 *
 * @internal
 */
final class Because
{
    private const MOST = 5;

    /**
     * @param  list<ChainLink>  $chain
     * @param  array<string, string>  $names  of all pieces, by id
     * @return list<Said> in order of time
     */
    public static function of(array $chain, array $names): array
    {
        // Of two that are as long the one nearer to the end.
        $chain = array_reverse($chain, true);
        uasort($chain, fn (ChainLink $a, ChainLink $b): int => $b->seconds <=> $a->seconds);
        $chain = array_slice($chain, 0, self::MOST, true);
        ksort($chain);

        return $chain === [] ? [new Said('schedule.because.work-itself-takes-long')] : array_values(array_map(
            fn (ChainLink $link): Said => self::words($link, $names), $chain,
        ));
    }

    /** @param  array<string, string>  $names */
    private static function words(ChainLink $link, array $names): Said
    {
        // Hands are elsewhere only while somebody works.
        $seconds = $link->cause === Cause::Hands ? $link->openSeconds : $link->seconds;
        $said = ['task' => $link->task->words(first: true), 'span' => self::span($seconds)];

        return match ($link->cause) {
            Cause::Wait => new Said('schedule.because.must-wait', $said),
            Cause::Hours => new Said('schedule.because.shop-shut', $said),
            Cause::Held => new Said('schedule.because.held-back', $said),
            Cause::Hands => new Said('schedule.because.hands-with', $said + [
                'name' => $names[(string) $link->with] ?? (string) $link->with,
            ]),
        };
    }

    private static function span(int $seconds): Said
    {
        return $seconds >= 48 * 3600 ? new Said('schedule.because.days', ['days' => Quantity::count($seconds / 86_400)])
            : new Said('schedule.because.hours', ['hours' => Quantity::hours($seconds / 3600)]);
    }
}
