<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Piece\JointKind;
use HonestGrain\Rack\PaperDrying;
use HonestGrain\Rack\Truing;
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
 * Work turned once from wet wood: dried in paper, where it warps as it will, under its coats or before them.
 *
 * @internal
 */
final class Green
{
    /** @return list<Operation> */
    public static function of(PartContext $subject): array
    {
        if (! $subject->isTurnedOnce()) {
            return [];
        }
        $oval = self::ovalMm($subject);

        $days = self::days($subject);
        $at = PaperDrying::rewraps($days, $subject->calibration->drying);
        $rewraps = array_map(fn (int $i, float $after): Operation => self::rewrap(
            $subject, $i + 1, ($at[$i + 1] ?? $days) - $after,
        ), array_keys($at), $at);

        return [new Operation(
            id: $subject->id('dry'), kind: StepKind::Paper, part: $subject->part->id,
            doing: new Doing($subject->technique('pack'), $subject->places([])),
            timing: new Timing(
                $subject->calibration->bench->weighMinutes, 97.0, wait: Wait::hours(24 * ($at[0] ?? $days)),
            ),
            setup: new Setup(hold: new Said('route.green.paper-bag-out-sun')),
            words: new StepWords(
                new Said('route.green.dry-paper-let-warp'),
                new Said('route.green.was-turned-wet-goes'),
                how: PartContext::said(
                    new Said('route.green.days-in-paper', [
                        'days' => Quantity::count(max(1.0, round($days))),
                        'wall' => Quantity::mm(self::thickMm($subject)),
                        'open' => Quantity::count(max(
                            1.0, round($days * $subject->calibration->drying->greenPaperOpenShare),
                        )),
                    ]),
                    $oval === null ? new Said(
                        'route.green.how-oval-gets-cannot',
                    ) : new Said(self::isHardly($oval) ? 'route.green.hardly-oval'
                        : 'route.green.shrinkage-wood-will-about', [
                            'oval' => Quantity::mm($oval),
                        ]),
                ),
                brief: new Said('route.green.drying-paper'),
                waitFor: new Said('route.green.dry-paper'),
            ),
        ), ...$rewraps, self::asks($subject)];
    }

    /** Taken out, weighed and wrapped in dry paper. */
    private static function rewrap(PartContext $subject, int $number, float $days): Operation
    {
        return new Operation(
            id: $subject->id("rewrap-$number"), kind: StepKind::Paper, part: $subject->part->id,
            doing: new Doing($subject->technique('weigh'), $subject->places([]), on: []),
            timing: new Timing(
                $subject->calibration->bench->weighMinutes, 97.0 + $number / 100, wait: Wait::hours(24 * $days),
            ),
            setup: new Setup(hold: new Said('route.green.paper-bag-out-sun')),
            words: new StepWords(
                new Said('route.green.weigh-change-paper'), new Said('route.green.weight-tells-when-dry'),
                brief: new Said('route.green.rewrapping'), waitFor: new Said('route.green.dry-paper'),
            ),
        );
    }

    private static function days(PartContext $subject): float
    {
        return (new PaperDrying(
            self::thickMm($subject), $subject->part->profile->mouthShare(), $subject->bench->equilibriumPercent,
            celsius: $subject->bench->roomC, isSealed: $subject->isFinishedWet() && $subject->hasCoats(),
        ))->days($subject->calibration->drying);
    }

    /** As thick as its wood is on the whole: twice what it is over all that dries, and no thinner than its wall. */
    private static function thickMm(PartContext $subject): float
    {
        return max(
            $subject->measured->wall->minMm ?? 0.0,
            2 * $subject->measured->volumeMm3 / max(1.0, $subject->areaMm2($subject->faces())),
        );
    }

    /**
     * @param  list<Operation>  $operations  of the whole piece
     * @param  array<string, PartContext>  $subjects  by part
     * @return list<Precedence>
     */
    public static function chains(PartContext $subject, array $operations, array $subjects): array
    {
        if (! $subject->isTurnedOnce()) {
            return [];
        }
        $dry = $subject->id('dry');
        $asks = $subject->id('warped');
        $figures = $subject->calibration->drying;
        $days = self::days($subject);
        $at = PaperDrying::rewraps($days, $figures);
        $drying = [$dry, ...array_map(
            fn (int $i): string => $subject->id('rewrap-'.($i + 1)), array_keys($at),
        ), $asks];
        $chains = [];
        // A plug is cut flush with the foot while that is turned.
        $joints = array_filter(
            $subject->piece->jointsOf($subject->part),
            fn (string $id): bool => $subject->piece->joint($id)?->kind !== JointKind::Plug,
        );
        foreach (array_slice($drying, 1) as $i => $later) {
            $chains[] = Precedence::rule($drying[$i], $later, Wait::hours(
                24 * (($at[$i] ?? $days) - ($at[$i - 1] ?? 0.0)),
            ), new Said('route.green.moves-until-dry'));
        }
        foreach ($operations as $operation) {
            if (self::sitsBefore($operation, $subject)) {
                $chains[] = Precedence::custom(
                    $operation->id, $subject->id('rough'), Wait::none(), new Said('route.green.one-part-at-a-time'),
                );
            }
            if (array_intersect($operation->doing->of, $joints) !== [] && self::isFittedDry($operation, $subjects)) {
                $chains[] = Precedence::rule($asks, $operation->id, Wait::none(), new Said('route.green.fitted-dry'));

                continue;
            }
            // It cures in its paper.
            $isBeside = $operation->kind === StepKind::Cure && $subject->isFinishedWet();
            if ($operation->part !== $subject->part->id || in_array($operation->id, $drying, true) || $isBeside) {
                continue;
            }
            $chains[] = self::isFinishing($subject, $operation) && ! $subject->isFinishedWet()
                ? Precedence::rule($asks, $operation->id, Wait::none(), new Said('route.green.coats-once-it-moved'))
                : Precedence::rule($operation->id, $dry, $operation->timing->handling ?? $operation->timing->wait,
                    new Said('route.green.worked-while-wet'));
        }

        return $chains;
    }

    /**
     * Whether it brings two parts together once both are dry: a joint is fitted before any coat, so that parts whose
     * coats go on wet are fitted wet, and eased, tried or glued when they have moved.
     *
     * @param  array<string, PartContext>  $subjects  by part
     */
    private static function isFittedDry(Operation $operation, array $subjects): bool
    {
        $isFitted = $operation->kind === StepKind::FitLid && $operation->doing->places !== [];

        return match (true) {
            ! in_array($operation->kind, [StepKind::FitLid, StepKind::Glue], true) => false,
            $isFitted => ! self::areFinishedWet($operation, $subjects),
            default => true,
        };
    }

    /**
     * Whether a part that an operation brings together with another is coated while it is wet.
     *
     * @param  array<string, PartContext>  $subjects  by part
     */
    private static function areFinishedWet(Operation $operation, array $subjects): bool
    {
        foreach ($subjects as $subject) {
            $isJoined = array_intersect(
                $operation->doing->of, $subject->piece->jointsOf($subject->part),
            ) !== [];
            if ($isJoined && $subject->isFinishedWet() && $subject->hasCoats()) {
                return true;
            }
        }

        return false;
    }

    /** Whether it is done in the sitting of another wet part, that is made before this one. */
    private static function sitsBefore(Operation $operation, PartContext $subject): bool
    {
        foreach ($subject->piece->parts as $part) {
            if ($part->id === $subject->part->id) {
                return false;
            }
            if ($part->id === $operation->part) {
                return in_array($operation->kind, [StepKind::Turn, StepKind::Sand, StepKind::Foot], true)
                    && $subject->bench->isWet($part->moisturePercent);
            }
        }

        return false;
    }

    /** Whether it goes on wood that has its last shape, and is no longer worked while wet. */
    private static function isFinishing(PartContext $subject, Operation $operation): bool
    {
        return $operation->id === $subject->id('wipe-clean') || in_array($operation->kind, [
            StepKind::Coat, StepKind::WipeOff, StepKind::Denib, StepKind::Buff, StepKind::Cure, StepKind::Test,
            StepKind::Ready,
        ], true);
    }

    /** Whether it goes out of round by so little that nobody would measure it. */
    private static function isHardly(float $ovalMm): bool
    {
        return round($ovalMm) < 1.0;
    }

    private static function ovalMm(PartContext $subject): ?float
    {
        return Truing::ovalMm(
            wood: $subject->part->wood, grain: $subject->part->grain,
            diameterMm: $subject->part->profile->diameterMm(), fromPercent: $subject->part->moisturePercent,
            toPercent: $subject->bench->equilibriumPercent, rings: $subject->part->rings,
        );
    }

    /** Dry, it asks its maker. */
    private static function asks(PartContext $subject): Operation
    {
        return new Operation(
            id: $subject->id('warped'), kind: StepKind::Test, part: $subject->part->id,
            doing: new Doing($subject->technique('own'), $subject->places([]), on: []),
            timing: new Timing($subject->calibration->bench->lookMinutes, 98.0),
            setup: new Setup(
                work: Work::Hand,
                hold: new Said('route.green.flat-table'),
            ),
            words: new StepWords(
                new Said('route.green.dry-leave-warped-or'),
                new Said('route.green.only-now-can-seen'),
                how: [
                    new Said('route.green.stand-flat-table-measure'),
                ],
                brief: new Said('route.green.look-how-warped'),
            ),
        );
    }
}
