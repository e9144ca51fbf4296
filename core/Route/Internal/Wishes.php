<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Route\Conflict;
use HonestGrain\Route\ConflictCode;
use HonestGrain\Route\Step;
use HonestGrain\Words\Said;

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
        $titles = array_combine(
            array_column($steps, 'id'), array_map(fn (Step $step): Said => $step->words->title, $steps),
        );
        $places = array_flip(array_map(fn (Step $step): string => $step->id, $steps));
        $conflicts = [];
        foreach (self::oncePerWish($ordering->refused()) as [$wish, $rule]) {
            $nearest = self::nearest($wish, $ordering, $places);
            $conflicts[] = Conflict::forbid(
                [$wish->first, $wish->later], new Said('route.wishes.cannot-come-before', [
                    'what' => $titles[$wish->first],
                    'what2' => $titles[$wish->later],
                    'because' => $rule->because,
                ]), [
                    $nearest === null ? new Said('route.wishes.leave-where')
                        : new Said('route.wishes.earliest-place-after', [
                            'what' => $titles[$wish->first],
                            'what2' => $titles[$nearest],
                        ]),
                    new Said('route.wishes.take-wish-out-order'),
                ], ConflictCode::Order,
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
                    [$custom->later, $custom->first], new Said('route.wishes.comes-before-you-want', [
                        'what' => $titles[$custom->later],
                        'what2' => $titles[$custom->first],
                        'because' => $custom->because,
                    ]), [new Said('route.wishes.keep-so'), new Said('route.wishes.take-wish-out-order')],
                );
            }
        }
        foreach ($ordering->clashes() as $clash) {
            $conflicts[] = Conflict::warn(
                [$clash->first, $clash->later], new Said('route.wishes.each-spoil-what-other', [
                    'what' => $titles[$clash->first],
                    'what2' => $titles[$clash->later],
                    'because' => $clash->because,
                ]), [new Said('route.wishes.leave-one-them-out'), new Said('route.wishes.move-them-apart')],
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
