<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Geometry\Face;
use HonestGrain\Lathework\Exception\NoBit;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\ConflictCode;
use HonestGrain\Route\Internal\Work\PartContext;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * A hole that the shop has no bit for, where a tool does not go in either.
 *
 * @internal
 */
final class BoreLimits
{
    /** @return list<Conflict> */
    public static function of(PartContext $subject): array
    {
        $bore = $subject->part->profile->bore;
        $from = $subject->calibration->bores->toolFromMm;
        if ($bore === null || $subject->startsAs === StartsAs::Turned || $bore->diameterMm >= $from) {
            return [];
        }
        $depth = $bore->depthMm ?? $subject->part->profile->heightMm();
        try {
            $subject->boring($subject->hole($bore->diameterMm, $depth, $bore->isThrough()));
        } catch (NoBit $none) {
            return [Conflict::forbid(
                [$subject->id('bore', Face::Bore)],
                new Said('route.bore-limits.no-bit', [
                    'diameter' => Quantity::mm($bore->diameterMm), 'depth' => Quantity::mm($depth),
                    'why' => $none->said,
                ]),
                [
                    new Said('route.bore-limits.list-bit'), ...$bore->isThrough() ? []
                    : [new Said('route.bore-limits.draw-through'), new Said('route.bore-limits.draw-shallower')],
                    new Said('route.bore-limits.draw-wider', ['from' => Quantity::mm($from)]),
                ], ConflictCode::NoBit,
            )];
        }

        return [];
    }
}
