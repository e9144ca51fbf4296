<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Geometry\Face;
use HonestGrain\Holding\Holding;
use HonestGrain\Route\Internal\Doing;
use HonestGrain\Route\Internal\Operation;
use HonestGrain\Route\Internal\Precedence;
use HonestGrain\Route\Internal\Setup;
use HonestGrain\Route\Internal\Timing;
use HonestGrain\Route\StepKind;
use HonestGrain\Route\StepWords;
use HonestGrain\Safety\Hazard;
use HonestGrain\Schedule\Wait;
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
                stances: [$subject->partingStance()],
                hazards: [...$subject->spinning(), Hazard::ofDust($subject->part->wood)],
            ),
            words: new StepWords(
                $title,
                $holding->releaseBecause($coats->beforeRelease() !== [], $subject->stands()),
                how: $isWhole ? [new Said('route.foot.widened-cut', [
                    'neck' => Quantity::mm($subject->calibration->holds->stubMm),
                ]), new Said($isPlug ? 'route.foot.plug-over-length' : 'route.foot.pare-the-nub')]
                : $holding->releaseHow(
                    $subject->has(Face::Inside), $subject->footHold->mount ?? $holding->reversed(),
                ),
                brief: new Said('route.foot.the-foot'),
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
