<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Technique\Need;
use HonestGrain\Technique\State;

/**
 * What must come before what: where one operation leaves what another needs, it is first; where one would spoil what
 * another needs, it is last. Each says so in the words of the one that would suffer.
 *
 * @internal
 */
final class Precedences
{
    /**
     * @param  list<Operation>  $operations
     * @return list<Precedence>
     */
    public static function among(array $operations): array
    {
        $found = $near = [];
        foreach ($operations as $i => $operation) {
            foreach ($operation->doing->places as $place) {
                $near["$place->part {$place->face->value}"][$i] = $operation;
            }
        }
        foreach ($operations as $first) {
            $close = array_replace([], ...array_map(
                fn (Place $place): array => $near["$place->part {$place->face->value}"], $first->doing->places,
            ));
            ksort($close);
            foreach ($close as $later) {
                if ($first !== $later && $first->touches($later)) {
                    $precedence = self::between($first, $later);
                    if ($precedence !== null) {
                        $found[] = $precedence;
                    }
                }
            }
        }

        return $found;
    }

    private static function between(Operation $first, Operation $later): ?Precedence
    {
        $soft = null;
        foreach ($later->doing->character->needs as $need) {
            if ($first->leaves($need->state)) {
                $made = self::of($first, $later, $need, $need->bends);
                if (! $need->bends) {
                    return $made;
                }
                $soft ??= $made;
            }
        }
        foreach ($first->doing->character->needs as $need) {
            if ($later->spoils($need->state)) {
                $bends = $need->bends || ($later->doing->stiffens && $need->state === State::Bare
                    && $first->leaves(State::Smooth));
                $made = self::of($first, $later, $need, $bends);
                if (! $bends) {
                    return $made;
                }
                $soft ??= $made;
            }
        }

        return $soft;
    }

    private static function of(Operation $first, Operation $later, Need $need, bool $bends): Precedence
    {
        return $bends ? Precedence::custom($first->id, $later->id, $first->timing->wait, $need->because)
            : Precedence::rule($first->id, $later->id, $first->timing->wait, $need->because);
    }
}
