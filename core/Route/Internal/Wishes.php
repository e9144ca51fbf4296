<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Route\Conflict;
use HonestGrain\Route\Step;

/**
 * What becomes of the maker's own order: what the rules forbid is refused with its reason and the nearest place, what
 * they only warn of is done and said.
 *
 * @internal
 */
final class Wishes
{
    /**
     * @param  list<Step>  $steps  in order
     * @param  list<Operation>  $operations
     * @return list<Conflict>
     */
    public static function judged(Ordering $ordering, array $steps, array $operations): array
    {
        $titles = array_column($steps, 'title', 'id');
        $places = array_flip(array_map(fn (Step $step): string => $step->id, $steps));
        $conflicts = [];
        foreach (self::oncePerWish($ordering->refused()) as [$wish, $rule]) {
            $nearest = self::nearest($wish, $ordering, $places);
            $conflicts[] = Conflict::forbid(
                [$wish->first, $wish->later], sprintf(
                    '“%s” cannot come before “%s”. %s', $titles[$wish->first], $titles[$wish->later], $rule->because,
                ), [
                    $nearest === null ? 'Leave it where it is'
                        : "The earliest place for “{$titles[$wish->first]}” is after “{$titles[$nearest]}”",
                    'Take that wish out of the order',
                ], Conflict::ORDER,
            );
        }
        $wanted = [];
        foreach ($ordering->precedences() as $precedence) {
            if ($precedence->wish !== null) {
                $wanted["$precedence->first $precedence->later"] = true;
            }
        }
        foreach ($ordering->bent() as $custom) {
            if (isset($wanted["$custom->later $custom->first"])) {
                unset($wanted["$custom->later $custom->first"]);
                $conflicts[] = Conflict::warn(
                    [$custom->later, $custom->first], sprintf(
                        '“%s” comes before “%s” as you want it. %s', $titles[$custom->later], $titles[$custom->first],
                        $custom->because,
                    ), ['Keep it so', 'Take that wish out of the order'],
                );
            }
        }
        foreach ($ordering->clashes() as $clash) {
            $conflicts[] = Conflict::warn(
                [$clash->first, $clash->later], sprintf(
                    '“%s” and “%s” each spoil what the other needs. %s', $titles[$clash->first],
                    $titles[$clash->later], $clash->because,
                ), ['Leave one of them out', 'Move them apart'],
            );
        }

        return $conflicts;
    }

    /**
     * What goes with an operation is refused with it, and said once.
     *
     * @param  list<array{Precedence, Precedence}>  $refused
     * @return array<string, array{Precedence, Precedence}>
     */
    private static function oncePerWish(array $refused): array
    {
        $once = [];
        foreach ($refused as [$wish, $rule]) {
            $once[$wish->wish ?? ''] ??= [$wish, $rule];
        }

        return $once;
    }

    /**
     * The last of the steps that the wished-for one must come after.
     *
     * @param  array<string, int>  $places
     */
    private static function nearest(Precedence $wish, Ordering $ordering, array $places): ?string
    {
        $nearest = null;
        foreach ($ordering->precedences() as $precedence) {
            if ($precedence->later === $wish->first && ! $precedence->bends
                && ($nearest === null || $places[$precedence->first] > $places[$nearest])) {
                $nearest = $precedence->first;
            }
        }

        return $nearest;
    }
}
