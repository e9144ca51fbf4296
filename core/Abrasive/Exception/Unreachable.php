<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive\Exception;

use HonestGrain\Abrasive\Grit;
use HonestGrain\Reading\BadInput;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** No ladder of the abrasives at hand can leave the surface that is asked for; says which size is missing. */
final class Unreachable extends BadInput
{
    /** None of the grits may be the last. */
    public static function missing(
        string $field,
        float $finestMicron,
        float $coarsestMicron,
        ?Grit $suggested,
        ?Grit $coarser,
    ): self {
        $size = $finestMicron > 0
            ? new Said('abrasive.unreachable.between-and', [
                'finestMicron' => Quantity::um($finestMicron),
                'coarsestMicron' => Quantity::um($coarsestMicron),
            ])
            : new Said('abrasive.unreachable.or-finer', ['coarsestMicron' => Quantity::um($coarsestMicron)]);
        $isMade = $suggested !== null && $suggested->micron >= $finestMicron;
        $grade = match (true) {
            $isMade => new Said('abrasive.unreachable.such-as', ['suggested' => $suggested->name]),
            $coarser !== null => new Said('abrasive.unreachable.no-sheet-size-made', [
                'coarser' => $coarser->name,
                'micron' => Quantity::um($coarser->micron),
            ]),
            default => '',
        };

        return new self(
            'unreachable', $field,
            new Said('abrasive.unreachable.missing-grit-none-those', ['size' => $size, 'grade' => $grade]),
        );
    }

    /** There is a grit to end on, but the step down to it is too big. */
    public static function gap(
        string $field,
        Grit $reached,
        ?Grit $next,
        float $finestMicron,
        float $coarsestMicron,
        ?Grit $suggested,
    ): self {
        $to = $next === null ? '' : new Said('abrasive.unreachable.to', [
            'next' => $next->name,
            'micron' => Quantity::um($next->micron),
        ]);
        $isOne = $coarsestMicron >= $finestMicron && ($suggested->micron ?? INF) <= min(
            $coarsestMicron, $reached->micron,
        );
        $size = $isOne ? new Said('abrasive.unreachable.grit-between', [
            'finestMicron' => Quantity::um($finestMicron),
            'coarsestMicron' => Quantity::um(min($coarsestMicron, $reached->micron)),
        ]) : new Said('abrasive.unreachable.more-than-one-grit', ['finestMicron' => Quantity::um($finestMicron)]);
        $grade = $suggested === null || $suggested->micron >= $reached->micron ? ''
            : new Said('abrasive.unreachable.such-as', [
                'suggested' => $suggested->name,
            ]);

        return new self(
            'unreachable', $field,
            new Said('abrasive.unreachable.missing-from-too-big', [
                'size' => $size,
                'grade' => $grade,
                'reached' => $reached->name,
                'micron' => Quantity::um($reached->micron),
                'to' => $to,
            ]),
        );
    }
}
