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
use HonestGrain\Route\ConflictCode;
use HonestGrain\Route\Internal\Work\PartContext;
use HonestGrain\Technique\OpensWall;
use HonestGrain\Words\Said;

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
                [$own->id], new Said('route.own-step-conflicts.held-no-such-hold', ['mount' => $own->mount->label()]),
                [
                    new Said('route.own-step-conflicts.choose-another-hold'),
                    new Said('route.own-step-conflicts.list-under-shop'),
                ],
            )] : [],
            ...$own->mount === Mount::Vacuum ? self::vacuum($own, $subject) : [],
        ];
    }

    /** @return list<Conflict> */
    private static function vacuum(OwnStep $own, PartContext $subject): array
    {
        if ($subject->isTurnedOnce()) {
            return [Conflict::forbid(
                [$own->id], new Said('route.own-step-conflicts.held-vacuum-wall-warps'),
                [
                    new Said('route.own-step-conflicts.hold-wide-padded-jaws'),
                    new Said('route.own-step-conflicts.press-soft-pad-tail'),
                ], ConflictCode::Hold,
            )];
        }
        $part = $subject->part;
        $leaks = array_map(
            fn (Flaw $flaw): Said => Said::lower($flaw->kind->label()),
            array_filter($part->flaws, fn (Flaw $flaw): bool => $flaw->wish !== Wish::Fill && in_array(
                $flaw->kind, [FlawKind::Crack, FlawKind::Void, FlawKind::Worm, FlawKind::BarkEdge], true,
            )),
        );
        if (array_filter($part->marks, fn (Mark $mark): bool => $mark->technique instanceof OpensWall) !== []) {
            $leaks[] = new Said('route.own-step-conflicts.pierced-holes');
        }
        if ($part->profile->bore !== null && $part->profile->bore->depthMm === null) {
            $leaks[] = new Said('route.own-step-conflicts.hole-right-through');
        }

        return $leaks === [] ? []
            : [Conflict::warn([$own->id], new Said('route.own-step-conflicts.held-vacuum-air-comes', [
                'what' => array_values(array_unique($leaks, SORT_REGULAR)),
            ]), [
                new Said('route.own-step-conflicts.tape-over-read-gauge'), new Said(
                    'route.own-step-conflicts.hold-wide-padded-jaws',
                ),
            ])];
    }
}
