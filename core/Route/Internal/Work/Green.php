<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Piece\StartsAs;
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
 * Work turned once from wet wood: carried from the first cut to the last sanding without a break, then dried in paper,
 * where it warps as it will.
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

        return [new Operation(
            id: $subject->id('dry'), kind: StepKind::Paper, part: $subject->part->id,
            doing: new Doing($subject->technique('pack'), $subject->places([])),
            timing: new Timing(
                $subject->calibration->bench->weighMinutes,
                97.0,
                wait: Wait::hours(24 * $subject->calibration->drying->greenPaperDays),
            ),
            setup: new Setup(hold: new Said('route.green.paper-bag-out-sun')),
            words: new StepWords(
                new Said('route.green.dry-paper-let-warp'),
                new Said('route.green.was-turned-wet-goes'),
                how: PartContext::said(
                    new Said('route.green.change-paper-when-damp'),
                    $oval === null ? new Said(
                        'route.green.how-oval-gets-cannot',
                    ) : new Said('route.green.shrinkage-wood-will-about', [
                        'oval' => Quantity::mm($oval),
                    ]),
                ),
                brief: new Said('route.green.drying-paper'),
                waitFor: new Said('route.green.dry-paper'),
            ),
        ), self::asks($subject)];
    }

    /**
     * @param  list<Operation>  $operations  of the whole piece
     * @return list<Precedence>
     */
    public static function chains(PartContext $subject, array $operations): array
    {
        if (! $subject->isTurnedOnce()) {
            return [];
        }
        $dry = $subject->id('dry');
        $asks = $subject->id('warped');
        $chains = [Precedence::rule(
            $dry, $asks, Wait::hours(
                24 * $subject->calibration->drying->greenPaperDays,
            ), new Said('route.green.moves-until-dry'),
        )];
        $window = Wait::hours(0, $subject->calibration->drying->greenWindowHours);
        foreach ($operations as $operation) {
            if ($operation->part !== $subject->part->id || in_array($operation->id, [$dry, $asks], true)) {
                continue;
            }
            $chains[] = Precedence::rule(
                $operation->id, $dry, $operation->timing->handling ?? $operation->timing->wait, new Said(
                    'route.green.worked-while-wet',
                ),
            );
            if ($operation->kind === StepKind::Sand && $subject->piece->startsAs === StartsAs::Blank) {
                $chains[] = Precedence::rule(
                    $subject->id('rough'), $operation->id, $window,
                    new Said('route.green.once-begun-carried-through'),
                );
            }
        }

        return $chains;
    }

    private static function ovalMm(PartContext $subject): ?float
    {
        return Truing::ovalMm(
            $subject->part->wood, $subject->part->profile->diameterMm(), $subject->part->moisturePercent,
            $subject->bench->equilibriumPercent,
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
