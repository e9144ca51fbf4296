<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Piece\Joint;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Tables;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\ConflictCode;
use HonestGrain\Words\FirstLetter;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * Whether two parts go together as they are drawn.
 *
 * @internal
 */
final class JointConflicts
{
    /** Less than this reads as nought. */
    private const SAID_MM = 0.05;

    /** @return list<Conflict> */
    public static function of(Joint $joint, Piece $piece, Tables $tables): array
    {
        [$socket, $spigot] = [$piece->part($joint->socket), $piece->part($joint->spigot)];
        $play = $socket === null || $spigot === null ? null : $joint->playMm($socket, $spigot);
        if ($socket === null || $spigot === null || $play === null) {
            return [];
        }
        $rates = $tables->calibration->joints;
        $names = [FirstLetter::small($spigot->name), FirstLetter::small($socket->name)];
        $steps = ["$joint->id/fit"];

        return match (true) {
            $play < -$rates->easeMm => [Conflict::forbid($steps, new Said('route.joint-conflicts.drawn-too-wide-goes', [
                'what' => $names[0],
                'what2' => Quantity::mm(-$play),
                'what3' => $names[1],
            ]), [new Said('route.joint-conflicts.draw-socket-wider-or')], ConflictCode::Unjoined)],
            $play < $rates->tightBelowMm => [Conflict::warn($steps, -$play >= self::SAID_MM
                ? new Said('route.joint-conflicts.drawn-too-wide-goes', [
                    'what' => $names[0],
                    'what2' => Quantity::mm(-$play),
                    'what3' => $names[1],
                ]) : new Said(
                    'route.joint-conflicts.drawn-no-play', ['what' => $names[0], 'into' => $names[1]],
                ), [
                    new Said('route.joint-conflicts.draw-socket-wider-or'), new Said(
                        'route.joint-conflicts.ease-hand-while-fitting',
                    ),
                ])],
            $play > $rates->hopelessAboveMm => [Conflict::forbid($steps,
                new Said('route.joint-conflicts.drawn-too-thin-goes', [
                    'what' => $names[0],
                    'play' => Quantity::mm($play),
                    'what2' => $names[1],
                ]), [new Said('route.joint-conflicts.draw-socket-narrower-or')], ConflictCode::Unjoined)],
            default => [],
        };
    }
}
