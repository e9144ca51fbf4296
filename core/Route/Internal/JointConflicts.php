<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Piece\Joint;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Tables;
use HonestGrain\Route\Conflict;

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
        $names = [lcfirst($spigot->name), lcfirst($socket->name)];
        $steps = ["$joint->id/fit"];

        return match (true) {
            $play < -$rates->easeMm => [Conflict::forbid($steps, sprintf(
                'As drawn, the %s is %.1f mm too wide for the %s it goes into.', $names[0], -$play, $names[1],
            ), ['Draw the socket wider or the spigot thinner'], 'unjoined')],
            $play < $rates->tightBelowMm => [Conflict::warn($steps, -$play >= self::SAID_MM ? sprintf(
                'As drawn, the %s is %.1f mm too wide for the %s it goes into.', $names[0], -$play, $names[1],
            ) : sprintf('As drawn, the %s has no play in the %s: it binds.', ...$names), [
                'Draw the socket wider or the spigot thinner', 'Ease it by hand while fitting',
            ])],
            $play > $rates->hopelessAboveMm => [Conflict::forbid($steps, sprintf(
                'As drawn, the %s is %.1f mm too thin for the %s it goes into.', $names[0], $play, $names[1],
            ), ['Draw the socket narrower or the spigot wider'], 'unjoined')],
            default => [],
        };
    }
}
