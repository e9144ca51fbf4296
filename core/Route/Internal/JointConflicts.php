<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Piece\Joint;
use HonestGrain\Piece\JointKind;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Purpose;
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
        if ($socket === null || $spigot === null) {
            return [];
        }

        return [
            ...self::play($joint, $socket, $spigot, $tables), ...self::wall($joint, $socket, $tables),
            ...self::glue($joint, $piece, $socket, $spigot),
        ];
    }

    /** @return list<Conflict> */
    private static function play(Joint $joint, Part $socket, Part $spigot, Tables $tables): array
    {
        $play = $joint->playMm($socket, $spigot);
        if ($play === null) {
            return [];
        }
        $rates = $tables->calibration->joints;
        $names = [FirstLetter::small($spigot->name), FirstLetter::small($socket->name)];
        $steps = ["$joint->id/fit"];

        if ($joint->kind === JointKind::Ball) {
            return $play >= $joint->clearanceMm($spigot, $rates) ? [] : [Conflict::warn(
                $steps, new Said('route.joint-conflicts.ball-sticks', [
                    'ball' => $names[0], 'cup' => $names[1], 'play' => Quantity::mm(max(0.0, $play)),
                    'least' => Quantity::mm($joint->clearanceMm($spigot, $rates)),
                ]), [new Said('route.joint-conflicts.smaller-ball')],
            )];
        }

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

    /** @return list<Conflict> where a tenon in a side comes through the wall, or nearly */
    private static function wall(Joint $joint, Part $socket, Tables $tables): array
    {
        $least = $tables->calibration->joints->sideWallMm;
        $wood = $joint->at?->woodMm($socket->profile);

        return $wood === null || $wood - $joint->socketMm() >= $least ? [] : [Conflict::forbid(
            ["$joint->id/socket"], new Said('route.joint-conflicts.through-the-wall', [
                'deep' => Quantity::mm($joint->socketMm()), 'wood' => Quantity::mm($wood),
                'least' => Quantity::mm($least), 'part' => FirstLetter::small($socket->name),
            ]), [
                new Said('route.joint-conflicts.shorter-tenon', ['most' => Quantity::mm(max(0.0, $wood - $least))]),
                new Said('route.joint-conflicts.where-more-wood'),
            ], ConflictCode::Hole,
        )];
    }

    /** @return list<Conflict> where water stands on a glue that it loosens, or a plug lies across the grain about it */
    private static function glue(Joint $joint, Piece $piece, Part $socket, Part $spigot): array
    {
        $glue = $joint->gluedWith($piece->purpose);
        $isWet = $joint->kind === JointKind::Plug && $piece->purpose === Purpose::Water && ! $glue->bearsWater();
        $isAcross = $joint->kind === JointKind::Plug && $socket->grain !== $spigot->grain;

        return [
            ...$isWet ? [Conflict::warn(["$joint->id/glue"], new Said('route.joint-conflicts.water-loosens', [
                'glue' => $glue->label(),
            ]), [new Said('route.joint-conflicts.glue-with-epoxy')])] : [],
            ...$isAcross ? [Conflict::warn(["$joint->id/glue"], new Said('route.joint-conflicts.plug-across', [
                'plug' => FirstLetter::small($spigot->name),
            ]), [new Said('route.joint-conflicts.grain-as-about-it')])] : [],
        ];
    }
}
