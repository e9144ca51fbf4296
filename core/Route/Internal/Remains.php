<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Geometry\Face;
use HonestGrain\Piece\Tables;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\DoneWork;
use HonestGrain\Route\Past;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Words\Said;

/**
 * What was done and is no longer asked for, and stands in the way of what is left: a coat that was taken out of the
 * plan is still on the wood.
 *
 * @internal
 */
final class Remains
{
    /**
     * @param  list<Operation>  $operations
     * @return list<Conflict>
     */
    public static function of(Past $past, array $operations, Tables $tables): array
    {
        $asked = array_fill_keys(array_map(fn (Operation $one): string => $one->id, $operations), true);
        $done = array_fill_keys(array_diff($past->done, $past->again), true);
        $conflicts = [];
        foreach (array_intersect_key(array_diff_key($past->work, $asked), $done) as $work) {
            $technique = self::technique($work, $tables);
            if ($technique === null) {
                continue;
            }
            foreach ($operations as $operation) {
                $because = isset($done[$operation->id]) ? null : self::standsInTheWay($technique, $work, $operation);
                if ($because !== null) {
                    $conflicts["$operation->id {$technique->key()}"] ??= Conflict::warn([$operation->id],
                        new Said('route.remains.was-done-though-plan', [
                            'title' => $work->title,
                            'title2' => $operation->words->title,
                            'because' => $because,
                        ]), [
                            new Said('route.remains.take-back-bare-wood'), new Said(
                                'route.remains.leave-out-what-still',
                            ),
                        ]);
                }
            }
        }

        return array_values($conflicts);
    }

    private static function standsInTheWay(Technique $technique, DoneWork $work, Operation $operation): ?Said
    {
        $touches = $operation->part === $work->part && Face::among($operation->faces(), $work->faces) !== [];
        foreach ($touches ? $operation->doing->character->needs : [] as $need) {
            if (! $need->bends && in_array($need->state, $technique->character()->spoils, true)
                && $need->state !== State::Holdable) {
                return $need->because;
            }
        }

        return null;
    }

    /** Null where the record names a technique that there no longer is. */
    private static function technique(DoneWork $work, Tables $tables): ?Technique
    {
        return in_array($work->technique, $tables->techniques->keys(), true)
            ? $tables->techniques->named($work->technique)
            : null;
    }
}
