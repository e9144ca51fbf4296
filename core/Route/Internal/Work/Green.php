<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Piece\StartsAs;
use HonestGrain\Rack\Truing;
use HonestGrain\Route\Internal\Operation;
use HonestGrain\Route\Internal\Precedence;
use HonestGrain\Route\StepKind;
use HonestGrain\Schedule\Wait;
use HonestGrain\Technique\Work;

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
            $subject->id('dry'), $subject->technique('pack'), StepKind::Paper, $subject->part->id, $subject->places([]),
            'Dry it in paper and let it warp', $subject->calibration->bench->weighMinutes,
            'It was turned wet: it goes out of round while it dries, and nobody can say just how.', 97.0,
            wait: Wait::hours(24 * $subject->calibration->drying->greenPaperDays),
            waitFor: 'to dry in paper', hold: 'in a paper bag, out of the sun and the draught',
            how: PartContext::said(
                'Change the paper when it is damp; weigh it now and then.',
                $oval === null ? 'How oval it gets cannot be said: nobody published its shrinkage.' : sprintf(
                    'By the shrinkage of its wood it will be about %.0f mm oval. Never promise it as round.', $oval,
                ),
            ),
            brief: 'drying in paper',
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
            $dry, $asks, Wait::hours(24 * $subject->calibration->drying->greenPaperDays), 'It moves until it is dry.',
        )];
        $window = Wait::hours(0, $subject->calibration->drying->greenWindowHours);
        foreach ($operations as $operation) {
            if ($operation->part !== $subject->part->id || in_array($operation->id, [$dry, $asks], true)) {
                continue;
            }
            $chains[] = Precedence::rule(
                $operation->id, $dry, $operation->handling ?? $operation->wait, 'It is worked while it is wet.',
            );
            if ($operation->kind === StepKind::Sand && $subject->piece->startsAs === StartsAs::Blank) {
                $chains[] = Precedence::rule(
                    $subject->id('rough'), $operation->id, $window,
                    'Once begun it is carried through: a wall that dries half-way cracks. Keep it wet, in a bag.',
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
            $subject->id('warped'), $subject->technique('own'), StepKind::Test, $subject->part->id,
            $subject->places([]), 'Dry: leave it as it warped, or turn it again?',
            $subject->calibration->bench->lookMinutes,
            'Only now can be seen how far it moved, and whether the wall bears another cut.', 98.0,
            how: [
                'Stand it on a flat table, and measure across both ways and the wall. To leave it, tick this off; to '
                    .'turn it again, or rub its foot flat, say “Something is wrong”: it warped.',
            ], work: Work::Hand, hold: 'on a flat table', zone: '', brief: 'look how it warped',
        );
    }
}
