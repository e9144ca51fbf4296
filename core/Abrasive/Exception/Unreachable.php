<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive\Exception;

use HonestGrain\Abrasive\Grit;
use HonestGrain\Exception\BadInput;

/** No abrasive on the list can leave the surface that is asked for. */
final class Unreachable extends BadInput
{
    public static function missing(string $field, float $finestMicron, float $coarsestMicron, ?Grit $suggested): self
    {
        $size = $finestMicron > 0
            ? sprintf('between %.1f and %.1f µm', $finestMicron, $coarsestMicron)
            : sprintf('of %.1f µm or finer', $coarsestMicron);
        $grade = $suggested !== null && $suggested->micron >= $finestMicron ? ", such as $suggested->name" : '';

        return new self('unreachable', $field, "$field holds no grit $size$grade: without one the last scratches cannot meet the limit.");
    }
}
