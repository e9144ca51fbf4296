<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Lathework\FittingKind;
use HonestGrain\Piece\Fitting;
use HonestGrain\Piece\HoleFrom;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\ConflictCode;
use HonestGrain\Route\Internal\Work\PartContext;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * What is bought and does not go on or into the wood that is drawn.
 *
 * @internal
 */
final class FittingLimits
{
    /** At so many places along it the wood is looked at. */
    private const LOOKS = 8;

    /** @return list<Conflict> */
    public static function of(PartContext $subject): array
    {
        return array_merge([], ...array_map(
            fn (Fitting $fitting): array => self::ofOne($subject, $fitting), $subject->part->fittings,
        ));
    }

    /** @return list<Conflict> */
    private static function ofOne(PartContext $subject, Fitting $fitting): array
    {
        $size = $fitting->size;
        $isOver = $size->kind === FittingKind::Ferrule;
        $thin = self::thinnestMm($subject, $fitting);
        $said = [
            'what' => $size->called(), 'thin' => Quantity::mm($thin), 'inside' => Quantity::mm($size->diameterMm),
            'least' => Quantity::mm($subject->calibration->joints->sideWallMm),
        ];
        $isThin = ! $isOver && $thin - $size->diameterMm < 2 * $subject->calibration->joints->sideWallMm;

        return match (true) {
            $isOver && $thin < $size->diameterMm => [Conflict::forbid(
                ["$fitting->id/seat"], new Said('route.fitting-limits.wood-too-thin', $said),
                [new Said('route.fitting-limits.thicker-end'), new Said('route.fitting-limits.smaller-tube')],
                ConflictCode::Unjoined,
            )],
            $isThin => [Conflict::forbid(
                ["$fitting->id/hole"], new Said('route.fitting-limits.wall-too-thin', $said),
                [new Said('route.fitting-limits.thicker-end'), new Said('route.fitting-limits.smaller-one')],
                ConflictCode::Hole,
            )],
            default => [],
        };
    }

    /** The least across of the wood that it goes over or into, mm. */
    private static function thinnestMm(PartContext $subject, Fitting $fitting): float
    {
        $profile = $subject->part->profile;
        $long = min($fitting->size->lengthMm, $profile->heightMm());
        $least = INF;
        for ($i = 0; $i <= self::LOOKS; $i++) {
            $z = $long * $i / self::LOOKS;
            $least = min($least, $profile->diameterAtMm(
                $fitting->from === HoleFrom::Foot ? $z : $profile->heightMm() - $z,
            ) ?? INF);
        }

        return is_finite($least) ? $least : 0.0;
    }
}
