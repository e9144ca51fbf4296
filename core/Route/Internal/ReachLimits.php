<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Geometry\Face;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\ConflictCode;
use HonestGrain\Route\Internal\Work\PartContext;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * A hollow deeper than any bar of the shop's reaches.
 *
 * @internal
 */
final class ReachLimits
{
    /** @return list<Conflict> */
    public static function of(PartContext $subject): array
    {
        $deep = $subject->part->profile->hollowAtMm(0.0);
        $bars = $subject->bench->equipment->bars;
        $table = $subject->tables->lathe->bars;
        if ($subject->startsAs === StartsAs::Turned || ! $subject->has(Face::Inside)
            || $table->reaching($deep, $bars) !== null) {
            return [];
        }
        $most = max(array_map($table->reachMm(...), $bars === [] ? [INF] : $bars));

        return [Conflict::forbid(
            [$subject->id('hollow', Face::Inside)], new Said('route.reach.too-deep', [
                'deep' => Quantity::mm($deep), 'reach' => Quantity::mm($most),
            ]), [
                new Said('route.reach.list-a-bar'), new Said('route.reach.draw-shallower'),
            ], ConflictCode::NoTool,
        )];
    }
}
