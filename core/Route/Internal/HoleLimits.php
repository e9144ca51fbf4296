<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Piece\PartHole;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\ConflictCode;
use HonestGrain\Route\Internal\Work\Holes;
use HonestGrain\Route\Internal\Work\PartContext;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * Holes that come out where nobody asked for it, that leave too little wood, or that no bit of the shop bores.
 *
 * @internal
 */
final class HoleLimits
{
    /** @return list<Conflict> */
    public static function of(PartContext $subject): array
    {
        return array_merge([], ...array_map(
            fn (PartHole $hole): array => self::ofOne($subject, $hole), $subject->part->allHoles(),
        ));
    }

    /** @return list<Conflict> */
    private static function ofOne(PartContext $subject, PartHole $hole): array
    {
        $profile = $subject->part->profile;
        $least = $subject->calibration->bores->woodLeftMm;
        $wood = $hole->woodMm($profile);
        $left = $wood - $hole->deepMm($profile);
        $said = [
            'hole' => $hole->label(), 'wood' => Quantity::mm($wood), 'left' => Quantity::mm(max(0.0, $left)),
            'least' => Quantity::mm($least),
        ];
        $shallower = new Said('route.holes.draw-shallower', ['most' => Quantity::mm(max(0.0, $wood - $least))]);

        return [
            ...$hole->depthMm !== null && $left <= 0.0 ? [Conflict::forbid(
                [$hole->id], new Said('route.holes.comes-out', $said),
                [$shallower, new Said('route.holes.ask-through')], ConflictCode::Hole,
            )] : [],
            ...$hole->depthMm !== null && $left > 0.0 && $left < $least ? [Conflict::warn(
                [$hole->id], new Said('route.holes.little-left', $said), [$shallower],
            )] : [],
            ...Holes::boring($subject, $hole) === null
                && $hole->diameterMm < $subject->calibration->bores->toolFromMm ? [Conflict::forbid(
                    [$hole->id], new Said('route.holes.no-bit', $said), [
                        new Said('route.bore-limits.list-bit'), new Said('route.bore-limits.draw-shallower'),
                    ], ConflictCode::NoBit,
                )] : [],
        ];
    }
}
