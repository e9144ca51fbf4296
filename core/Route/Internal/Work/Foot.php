<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Geometry\Face;
use HonestGrain\Holding\Holding;
use HonestGrain\Holding\Stance;
use HonestGrain\Route\Internal\Doing;
use HonestGrain\Route\Internal\Operation;
use HonestGrain\Route\Internal\Precedence;
use HonestGrain\Route\Internal\Setup;
use HonestGrain\Route\Internal\Timing;
use HonestGrain\Route\StepKind;
use HonestGrain\Route\StepWords;
use HonestGrain\Safety\Hazard;
use HonestGrain\Schedule\Wait;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * What held the part taken off, and the maker's name under the foot.
 *
 * @internal
 */
final class Foot
{
    /** @return list<Operation> */
    public static function of(PartContext $subject, Coats $coats): array
    {
        return [
            ...$subject->isPartedOff() ? [self::partOff($subject, $coats)] : [],
            ...$subject->part->keepsCore() ? [self::core($subject)] : [],
            ...$subject->isMain() ? [self::sign($subject)] : [],
        ];
    }

    /** @return list<Precedence> */
    public static function chains(PartContext $subject, Coats $coats): array
    {
        $chains = [];
        $off = $subject->id('part-off');
        if (! $subject->isPartedOff()) {
            return [];
        }
        foreach ($subject->part->keepsCore() ? [$off, $subject->id('hollow', Face::Inside)] : [] as $before) {
            $chains[] = Precedence::rule(
                $before, $subject->id('core', Face::Inside), Wait::none(), new Said('route.foot.core-bears-until-then'),
            );
        }
        foreach ($subject->part->keepsCore() ? [$subject->id('wipe-clean'), ...array_map(
            fn (Operation $first): string => $first->id, $coats->firsts(),
        )] : [] as $later) {
            $chains[] = Precedence::rule(
                $subject->id('core', Face::Inside), $later, Wait::none(), new Said('route.foot.floor-done-then'),
            );
        }
        foreach ($coats->beforeRelease() as $last) {
            $chains[] = Precedence::custom(
                $last->id, $off, $last->timing->handling ?? $last->timing->wait,
                new Said('route.foot.kept-until-last-coat'),
            );
        }
        foreach ($coats->firstsOnceReleased() as $first) {
            $chains[] = Precedence::custom(
                $off, $first->id, Wait::none(), $coats->whyEarly(),
            );
        }
        if ($subject->part->holding === Holding::BetweenCentres && $subject->has(Face::Top)) {
            $chains[] = Precedence::rule(
                $off, SandingRun::firstId($subject, Face::Top), Wait::none(), new Said('route.foot.end-free-only-then'),
            );
        }

        return $chains;
    }

    private static function partOff(PartContext $subject, Coats $coats): Operation
    {
        $holding = $subject->part->holding;
        $isPlug = $subject->isPlug() && $holding === Holding::Tenon;
        if ($subject->isFootByHand()) {
            return self::sawnFree($subject);
        }
        $isWhole = $subject->isPartedWhole() || $isPlug;
        $title = $isWhole ? new Said('route.foot.part-it-off') : $holding->release($subject->stands());

        return new Operation(
            id: $subject->id('part-off'), kind: StepKind::Foot, part: $subject->part->id,
            doing: new Doing($subject->technique('part-off'), $subject->places([Face::Foot]), on: [Face::Foot]),
            timing: new Timing(
                $subject->calibration->turning->partOffMinutes + $subject->minutesOver(
                    $subject->calibration->cuts->finishMinutesPer100Cm2, [Face::Foot],
                ),
                90.0,
            ),
            setup: new Setup(
                stances: [$subject->partingStance()], speed: $subject->rimSpeed(),
                whenSound: $subject->soundRimSpeed(),
                hazards: [...$subject->spinning(), Hazard::ofDust($subject->part->wood)],
            ),
            words: new StepWords(
                $title,
                $holding->releaseBecause($coats->beforeRelease() !== [], $subject->stands()),
                how: $isWhole ? [new Said('route.foot.widened-cut', [
                    'neck' => Quantity::mm($subject->calibration->holds->stubMm),
                ]), new Said($isPlug ? 'route.foot.plug-over-length' : 'route.foot.pare-the-nub')]
                : $subject->padded(),
                brief: new Said('route.foot.the-foot'),
            ),
        );
    }

    /** Sawn off its hold with the lathe still, its foot pared and dished by hand. */
    private static function sawnFree(PartContext $subject): Operation
    {
        $onLathe = $subject->calibration->turning->partOffMinutes + $subject->minutesOver(
            $subject->calibration->cuts->finishMinutesPer100Cm2, [Face::Foot],
        );

        return new Operation(
            id: $subject->id('part-off'), kind: StepKind::Foot, part: $subject->part->id,
            doing: new Doing($subject->technique('part-off'), $subject->places([Face::Foot]), on: [Face::Foot]),
            timing: new Timing($onLathe * $subject->calibration->holds->handFootTimes, 90.0),
            setup: new Setup(
                work: Work::Lap, stances: [Stance::Off],
                hazards: [Hazard::Saw, Hazard::ofDust($subject->part->wood)],
                hold: new Said('route.joints.padded-cradle'),
            ),
            words: new StepWords(
                new Said('route.foot.saw-it-free'), new Said('route.foot.by-hand-because'), how: [
                    new Said('route.foot.saw-proud'), ...PartContext::said(
                        $subject->stands() ? new Said('route.foot.dish-by-hand') : null,
                    ),
                ], brief: new Said('route.foot.the-foot'),
            ),
        );
    }

    /** What the tail centre bore on while it was hollowed: sawn off once nothing turns any more. */
    private static function core(PartContext $subject): Operation
    {
        $figures = $subject->calibration->holds;

        return new Operation(
            id: $subject->id('core', Face::Inside), kind: StepKind::Turn, part: $subject->part->id,
            doing: new Doing($subject->technique('saw'), $subject->places([Face::Inside]), on: [Face::Inside]),
            timing: new Timing($figures->coreMinutes, 69.0),
            setup: new Setup(
                stances: [Stance::Off], hazards: [Hazard::ofDust($subject->part->wood)],
                hold: new Said('route.joints.padded-cradle'),
            ),
            words: new StepWords(
                new Said('route.foot.saw-the-core-off'), new Said('route.foot.core-bears-until-then'), how: [
                    new Said('route.foot.core-stump', ['left' => Quantity::mm($figures->coreFloorMm)]),
                    new Said('route.foot.core-floor'),
                ], brief: new Said('route.foot.the-core'),
            ),
        );
    }

    private static function sign(PartContext $subject): Operation
    {
        $isCoated = ($subject->part->coatPlanFor(Face::Foot) ?? $subject->part->coatPlanFor(Face::Outside)) !== null;
        // What has no foot, such as a ball, is signed where it is least seen.
        $face = $subject->has(Face::Foot) ? Face::Foot : Face::Outside;

        return new Operation(
            id: $subject->id('sign'), kind: StepKind::Sign, part: $subject->part->id,
            doing: new Doing($subject->technique('sign'), $subject->places([$face]), on: [$face]),
            timing: new Timing($subject->calibration->bench->signMinutes, 92.0),
            words: new StepWords(
                $face === Face::Foot ? new Said('route.foot.sign-date-foot')
                : new Said('route.foot.sign-date-where-least'),
                $isCoated ? new Said('route.foot.bare-wood-before-coated', ['face' => $face->said()])
                : new Said('route.foot.bare-wood-now-nothing'),
                brief: $face === Face::Foot ? new Said('route.foot.sign-foot') : new Said('route.foot.sign-it'),
            ),
        );
    }
}
