<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Piece\Mark;
use HonestGrain\Route\Internal\Doing;
use HonestGrain\Route\Internal\Operation;
use HonestGrain\Route\Internal\Precedence;
use HonestGrain\Route\Internal\Setup;
use HonestGrain\Route\Internal\Timing;
use HonestGrain\Route\StepKind;
use HonestGrain\Route\StepWords;
use HonestGrain\Safety\Hazard;
use HonestGrain\Schedule\Wait;
use HonestGrain\Technique\OpensWall;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/**
 * What a slot or a hook is cut in: a start hole, the sawn sides, a file, a strip of cloth.
 *
 * @internal
 */
final class Slots
{
    /** Before the sawing, and after it. */
    private const PASSES = ['start' => -0.03, 'file' => 0.03, 'strip' => 0.04];

    public static function isOne(PartContext $subject, Mark $mark): bool
    {
        return $mark->technique instanceof OpensWall && $mark->technique->isSawn(
            $mark->settled($subject->part->grounds[$mark->id()], $subject->calibration),
        );
    }

    /** What the sawing takes of all its minutes. */
    public static function sawnShare(PartContext $subject): float
    {
        return 1.0 - array_sum($subject->calibration->marks->slotShares());
    }

    /** @return list<Operation> besides the sawing */
    public static function of(PartContext $subject, Mark $mark, int $number): array
    {
        $minutes = $mark->minutes ?? $subject->worked[$mark->id()]->minutes;
        $shares = $subject->calibration->marks->slotShares();

        return array_map(fn (string $pass): Operation => new Operation(
            id: "{$mark->id()}/$pass", kind: StepKind::Mark, part: $subject->part->id,
            doing: $pass === 'start' ? new Doing(
                $subject->technique('drill'), [], of: [$mark->id()], on: [$mark->band->on->face()],
            ) : Marked::onBand($subject, $mark, $subject->technique('own')),
            timing: new Timing(
                max(1.0, $minutes * $shares[$pass]), 50.0 + self::PASSES[$pass] + $number / 10,
            ),
            setup: $pass === 'start' ? Holes::heldAcross($subject) : new Setup(
                work: Work::Lap, hazards: [Hazard::ofDust($subject->part->wood)],
                hold: new Said('technique.piercing.hold'),
            ),
            words: new StepWords(
                Said::at(Marked::named($mark, new Said("route.slots.$pass")), $mark->band->on->said()),
                new Said("route.slots.$pass-because"), how: [new Said("route.slots.$pass-how")],
                brief: new Said("route.slots.$pass-brief"),
            ),
        ), array_keys(self::PASSES));
    }

    /** The last that is done to it. */
    public static function lastId(Mark $mark): string
    {
        return "{$mark->id()}/strip";
    }

    /** @return list<Precedence> in their order, and all of it before its face is coated */
    public static function chains(PartContext $subject, Mark $mark): array
    {
        $id = $mark->id();
        $coat = $subject->part->coatPlanFor($mark->band->on->face())->coats[0] ?? null;

        return [
            ...array_map(fn (array $pair): Precedence => Precedence::rule(
                $pair[0], $pair[1], Wait::none(), new Said('route.slots.in-their-order'),
            ), [["$id/start", $id], [$id, "$id/file"], ["$id/file", self::lastId($mark)]]),
            ...$coat === null ? [] : [Precedence::custom(
                self::lastId($mark), $coat->id, Wait::none(), new Said('route.slots.strip-because'),
            )],
        ];
    }
}
