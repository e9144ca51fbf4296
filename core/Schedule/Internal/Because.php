<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

use HonestGrain\Schedule\Cause;
use HonestGrain\Schedule\ChainLink;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * The chain that decides when a piece is done in words, the longest links of it.
 *
 * @internal
 */
final class Because
{
    private const MOST = 5;

    /**
     * @param  list<ChainLink>  $chain
     * @param  array<string, string>  $names  of all pieces, by id
     * @param  array<string, Said>  $titles  of the tasks of this one, by id
     * @return list<Said> in order of time
     */
    public static function of(array $chain, array $names, array $titles): array
    {
        // Of two that are as long the one nearer to the end.
        $chain = array_reverse($chain, true);
        uasort($chain, fn (ChainLink $a, ChainLink $b): int => $b->seconds <=> $a->seconds);
        $chain = array_slice($chain, 0, self::MOST, true);
        ksort($chain);

        return $chain === [] ? [new Said('schedule.because.work-itself-takes-long')] : array_values(array_map(
            fn (ChainLink $link): Said => self::words($link, $names, $titles), $chain,
        ));
    }

    /**
     * @param  array<string, string>  $names
     * @param  array<string, Said>  $titles
     */
    private static function words(ChainLink $link, array $names, array $titles): Said
    {
        $said = ['task' => $link->task->words(first: true), 'span' => self::span($link->seconds)];
        $with = (string) $link->with;
        $name = $names[$with] ?? $with;

        return match (true) {
            $link->cause === Cause::Wait => new Said('schedule.because.waits-after', $said + [
                'task2' => $titles[$with] ?? Said::name($with),
            ]),
            $link->cause === Cause::Hours => new Said('schedule.because.waits-working-hours', $said),
            $link->cause === Cause::Held => new Said('schedule.because.held-back', $said),
            $link->seconds - $link->openSeconds >= Chain::WORTH_TELLING_SECONDS => new Said(
                'schedule.because.waits-working-time-hands', $said + [
                    'span2' => self::span($link->openSeconds), 'name' => $name,
                ],
            ),
            default => new Said('schedule.because.waits-hands-busy', $said + ['name' => $name]),
        };
    }

    private static function span(int $seconds): Said
    {
        return $seconds >= 48 * 3600 ? new Said('schedule.because.days', ['days' => Quantity::count($seconds / 86_400)])
            : new Said('schedule.because.hours', ['hours' => Quantity::hours($seconds / 3600)]);
    }
}
