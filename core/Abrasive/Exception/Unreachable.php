<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive\Exception;

use HonestGrain\Abrasive\Grit;
use HonestGrain\Reading\BadInput;

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
            ? sprintf('between %.1f and %.1f µm', $finestMicron, $coarsestMicron)
            : sprintf('of %.1f µm or finer', $coarsestMicron);
        $isMade = $suggested !== null && $suggested->micron >= $finestMicron;
        $grade = match (true) {
            $isMade => ", such as $suggested->name",
            $coarser !== null => " (no sheet of that size is made: $coarser->name, {$coarser->micron} µm, is the "
                .'nearest, if you stop there of your own choice)',
            default => '',
        };

        return new self(
            'unreachable', $field,
            "Missing is a grit $size$grade: none of those at hand leaves the surface that comes next asks for.",
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
        $to = $next === null ? '' : " to $next->name ($next->micron µm)";
        $isOne = $coarsestMicron >= $finestMicron && ($suggested->micron ?? INF) <= min(
            $coarsestMicron, $reached->micron,
        );
        $size = $isOne ? sprintf(
            'a grit between %.1f and %.1f µm', $finestMicron, min($coarsestMicron, $reached->micron),
        ) : sprintf('more than one grit, the first of %.1f µm or coarser', $finestMicron);
        $grade = $suggested === null || $suggested->micron >= $reached->micron ? '' : ", such as $suggested->name";

        return new self(
            'unreachable', $field,
            "Missing is $size$grade: from $reached->name ($reached->micron µm)$to is too big a step, "
                .'and its deeper scratches would stay.',
        );
    }
}
