<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Holding\Mount;
use HonestGrain\Piece\Flaw;
use HonestGrain\Piece\FlawKind;
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\OwnStep;
use HonestGrain\Piece\Wish;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\Internal\Work\PartContext;
use HonestGrain\Technique\Decoration\Piercing;

/**
 * A hold that the maker chose for an own step and that the shop has not got, or the part does not give: a vacuum wants
 * a round, closed and unwarped wall.
 *
 * @internal
 */
final class OwnStepConflicts
{
    /** @return list<Conflict> */
    public static function of(OwnStep $own, PartContext $subject): array
    {
        $equipment = $subject->bench->equipment;
        if ($own->mount === null || ! $own->mount->spins()) {
            return [];
        }
        $isMissing = $equipment->mounts() !== [] && ! $equipment->has($own->mount);

        return [
            ...$isMissing ? [Conflict::warn(
                [$own->id], "It is held {$own->mount->label()}, and no such hold is listed under Shop.",
                ['Choose another hold', 'List it under Shop'],
            )] : [],
            ...$own->mount === Mount::Vacuum ? self::vacuum($own, $subject) : [],
        ];
    }

    /** @return list<Conflict> */
    private static function vacuum(OwnStep $own, PartContext $subject): array
    {
        if ($subject->isTurnedOnce()) {
            return [Conflict::forbid(
                [$own->id], 'It is held by a vacuum, and its wall warps as it dries: no seal lies flat on it.',
                ['Hold it in wide padded jaws', 'Press it on a soft pad with the tail centre up'], 'hold',
            )];
        }
        $part = $subject->part;
        $leaks = array_map(
            fn (Flaw $flaw): string => lcfirst($flaw->kind->label()),
            array_filter($part->flaws, fn (Flaw $flaw): bool => $flaw->wish !== Wish::Fill && in_array(
                $flaw->kind, [FlawKind::Crack, FlawKind::Void, FlawKind::Worm, FlawKind::BarkEdge], true,
            )),
        );
        if (array_filter($part->marks, fn (Mark $mark): bool => $mark->technique instanceof Piercing) !== []) {
            $leaks[] = 'pierced holes';
        }
        if ($part->profile->bore !== null && $part->profile->bore->depthMm === null) {
            $leaks[] = 'hole right through it';
        }

        return $leaks === [] ? [] : [Conflict::warn([$own->id], 'It is held by a vacuum, and air comes in by the '
            .implode(' and the ', array_unique($leaks)).'.', [
                'Tape it over, and read the gauge before you start the lathe', 'Hold it in wide padded jaws',
            ])];
    }
}
