<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Calibration\BenchFigures;
use HonestGrain\Coating\Kinetics;
use HonestGrain\Geometry\Face;
use HonestGrain\Holding\HoldStage;
use HonestGrain\Holding\Mount;
use HonestGrain\Holding\Stance;
use HonestGrain\Route\Internal\Work\PartContext;
use HonestGrain\Route\Shop;
use HonestGrain\Route\Step;
use HonestGrain\Route\StepKind;
use HonestGrain\Route\StepSetup;
use HonestGrain\Route\StepTiming;
use HonestGrain\Route\StepWords;
use HonestGrain\Route\StepWork;
use HonestGrain\Safety\Hazard;
use HonestGrain\Schedule\Lag;
use HonestGrain\Schedule\Wait;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * A part put on the lathe for a stage: for the first time, turned round, or again after it came off to wait.
 *
 * @internal
 */
final readonly class Mounting
{
    private function __construct(public Step $step, public bool $isTurned)
    {
    }

    /**
     * @param  list<Lag>  $after
     * @param  float  $firmHours  how firm a film must be before a pad presses on it; 0 where there is none
     */
    public static function of(
        PartContext $subject,
        Stage $stage,
        PartProgress $so,
        BenchFigures $figures,
        array $after,
        float $firmHours,
    ): self {
        $isFirst = $so->turned === null;
        $isTruing = ! $isFirst && $stage->position->stance === Stance::Truing;
        $isTurned = ! $isFirst && ! $stage->isReturn && ! $isTruing;
        $isFar = $isTurned && $stage->position->stance === Stance::Far;
        [$title, $because, $mind] = self::words($subject, $stage, $so->heldLast, $isFirst, $isTurned);
        $mount = $stage->position->mount;
        $minutes = match (true) {
            $isFirst, $isTruing => $figures->mountMinutes,
            $isTurned => $figures->reverseMinutes,
            default => $figures->remountMinutes,
        };
        $made = $stage->isReturn ? 0.0 : $subject->holdAt($stage->position->stance)->makeMinutes ?? 0.0;
        $firm = $firmHours <= 0 ? null
            : new Said('route.layout.not-before-each-coat', [
                'hours' => Quantity::hours($firmHours), 'at' => Quantity::celsius(Kinetics::REFERENCE_C),
            ]);

        return new self(new Step(
            id: match (true) {
                $isFirst => $subject->id('mount'),
                $isTruing => $subject->id('mount-to-true'),
                $isFar => $subject->id('reverse-far'),
                $isTurned => $subject->id($so->turned === 0 ? 'reverse' : 'reverse-foot'),
                default => "{$stage->operations[0]}/mount",
            },
            kind: StepKind::Mount, part: $stage->part,
            work: new StepWork($isTurned ? 'reverse' : 'mount', $subject->faces(), [$stage->part]),
            timing: new StepTiming(ceil($minutes + $made - 1e-9), $after, Wait::none()),
            setup: new StepSetup(
                hold: $mount->label(), needs: [Shop::TURNER => 1, Shop::LATHE => 1, Shop::MOUNTS => 1],
                hazards: [Hazard::Lathe, Hazard::BeforeSwitch, ...Hazard::ofMount($mount), ...$subject->spinning()],
                mount: $mount, stage: $so->stage, footOut: $stage->position->stance->footOut(),
            ),
            words: new StepWords(
                $subject->title($title), $because, PartContext::said(...[...$mind, $made <= 0 ? null : new Said(
                    $mount === Mount::JamPartner ? 'route.layout.wrapped-first' : 'route.layout.made-first', [
                        'minutes' => Quantity::minutes($made),
                    ]), $firm]),
                new Said($isTurned ? 'route.layout.turning-round' : 'route.layout.mounting'),
            ),
        ), $isTurned);
    }

    /**
     * @param  Stance|null  $last  how it was held last
     * @return array{Said, Said, list<Said>} title, reason, what to mind
     */
    private static function words(
        PartContext $subject, Stage $stage, ?Stance $last, bool $isFirst, bool $isTurned,
    ): array {
        $holding = $subject->part->holding;
        $isFoot = $stage->position->stance === Stance::Foot;
        $weak = array_filter($subject->part->flaws, fn ($flaw): bool => $flaw->on->face() === Face::Foot
            && $flaw->kind->weakensHold());
        $by = $stage->position->mount;
        $pad = $isFoot ? [
            ...$subject->padded(),
            ...$by === Mount::Jam ? [] : $subject->footHold->how ?? [],
            ...PartContext::said($subject->insteadAt(HoldStage::Foot)),
        ] : [];
        // How its tenon or recess is cut is said where that is done.
        $main = array_slice($subject->mainHold->how ?? [], (int) $holding->isCut());

        return match (true) {
            $isFoot && $subject->hasPoles() => [
                new Said('route.poles.between-cups'), new Said('route.poles.poles-reached-so'),
                [new Said('route.poles.cups'), new Said('route.poles.quarter-turned')],
            ],
            $isFoot => [$holding->turnRound($by), new Said('route.layout.foot-can-reached-only'), $pad],
            $stage->position->stance === Stance::First => [
                $subject->isInPartner() ? new Said('route.layout.mount-in-jaws')
                    : new Said('route.layout.mount', ['mount' => $stage->position->mount->label()]),
                new Said(match (true) {
                    $subject->isInPartner() => 'route.layout.underside-from-here',
                    $holding->isCut() => 'route.layout.hold-all-follows-cut',
                    default => 'route.layout.all-but-edge-from-here',
                }), $subject->isInPartner() ? [new Said('holding.hold.straight-in-jaws')]
                    : [
                        ...$subject->firstHold->how ?? [],
                        ...PartContext::said($subject->insteadAt(HoldStage::Outside)),
                    ],
            ],
            $stage->position->stance === Stance::Truing => [
                new Said('route.layout.press-tail-centre-up', ['mount' => $stage->position->mount->label()]),
                new Said('route.layout.dried-oval-hold-trued'), [],
            ],
            $last === Stance::Truing => [
                new Said(
                    'route.layout.turn-round', ['mount' => $holding->mount()],
                ), new Said('route.layout.hold-true-again'),
                [$holding->marked(), ...$subject->heldDry()],
            ],
            $stage->position->stance === Stance::Far => [
                new Said('route.layout.turn-round-far'), new Said('route.bored.from-both-held'),
                [$holding->marked()],
            ],
            $last === Stance::Far => [
                new Said('route.layout.turn-back'), new Said('route.layout.all-left-spin-reached'),
                [$holding->remounted()],
            ],
            $isTurned => [
                new Said(
                    'route.layout.turn-round', ['mount' => $holding->mount()],
                ), new Said('route.layout.all-left-spin-reached'),
                [$holding->marked(), ...$main, ...PartContext::said($subject->instead)],
            ],
            $isFirst => [$holding->mount(), $holding->because(), [
                ...$main, ...PartContext::said($subject->instead),
                ...$weak === [] ? [] : [new Said('route.layout.wood-foot-flawed-bring')],
            ]],
            default => [
                new Said(
                    'route.layout.mount-again', ['mount' => $holding->mount()],
                ), new Said('route.layout.came-off-while-waited'),
                [$holding->remounted()],
            ],
        };
    }
}
