<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Geometry\Face;
use HonestGrain\Holding\Stance;
use HonestGrain\Route\Internal\Doing;
use HonestGrain\Route\Internal\Operation;
use HonestGrain\Route\Internal\Precedence;
use HonestGrain\Route\Internal\Setup;
use HonestGrain\Route\Internal\Timing;
use HonestGrain\Route\StepKind;
use HonestGrain\Route\StepWords;
use HonestGrain\Schedule\Wait;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * The two poles of a ball: what the centres bore on is sawn off, and turned away between two padded cups, its first
 * axis across.
 *
 * @internal
 */
final class Poles
{
    /** @return list<Operation> none for what has no poles */
    public static function of(PartContext $subject): array
    {
        return $subject->hasPoles() ? [self::sawn($subject), self::turned($subject)] : [];
    }

    /** @return list<Precedence> */
    public static function chains(PartContext $subject): array
    {
        if (! $subject->hasPoles()) {
            return [];
        }
        $poles = $subject->id('poles', Face::Outside);

        return [
            Precedence::rule($subject->id('shape', Face::Outside), $subject->id('ends'), Wait::none(), new Said(
                'route.poles.round-first',
            )),
            Precedence::rule($subject->id('ends'), $poles, Wait::none(), new Said('route.poles.stubs-off-first')),
            Precedence::rule($poles, SandingRun::firstId($subject, Face::Outside), Wait::none(), new Said(
                'route.poles.all-of-it-then',
            )),
        ];
    }

    private static function sawn(PartContext $subject): Operation
    {
        return new Operation(
            id: $subject->id('ends'), kind: StepKind::Turn, part: $subject->part->id,
            doing: new Doing($subject->technique('saw'), [], on: [Face::Outside]),
            timing: new Timing($subject->calibration->stock->sawMinutes, 3.4),
            setup: new Setup(work: Work::Lap, stances: [Stance::Off], hold: new Said('route.poles.in-a-cradle')),
            words: new StepWords(
                new Said('route.poles.saw-the-ends'), new Said('route.poles.stubs-stand-proud'), how: [
                    new Said('route.poles.pencil-first', [
                        'neck' => Quantity::mm($subject->calibration->holds->stubMm),
                    ]),
                ], brief: new Said('route.poles.sawing'),
            ),
        );
    }

    private static function turned(PartContext $subject): Operation
    {
        $minutes = $subject->calibration->turning->partOffMinutes + $subject->minutesOver(
            $subject->calibration->cuts->finishMinutesPer100Cm2, [Face::Outside],
        );

        return new Operation(
            id: $subject->id('poles', Face::Outside), kind: StepKind::Turn, part: $subject->part->id,
            doing: new Doing($subject->technique('shape'), $subject->places([Face::Outside]), on: [Face::Outside]),
            timing: new Timing($minutes, 3.5),
            setup: new Setup(
                stances: [Stance::Foot], speed: $subject->rimSpeed(), hazards: $subject->spinning(),
            ),
            words: new StepWords(
                new Said('route.poles.turn-the-poles'), new Said('route.poles.ridge-is-out-of-round'), how: [
                    new Said('route.poles.until-the-ghost-is-one'), new Said('route.poles.turned-again'),
                ], brief: new Said('route.poles.poles'),
            ),
        );
    }
}
