<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive\Exception;

use HonestGrain\Reading\BadInput;

/** A grade that no scale holds, or a number that does not say which scale it is on. */
final class UnknownGrit extends BadInput
{
    public static function bareNumber(string $field, string $number): self
    {
        return new self(
            'grit-scale', $field,
            "$field is \"$number\", which is a different size on each scale: which one is it? Write \"P$number\" (P "
                ."scale, FEPA) or \"CAMI $number\" (US scale).",
        );
    }

    public static function named(string $field, string $name): self
    {
        return new self(
            'unknown-grit', $field,
            "$field is ".self::quote($name)
                .'; it takes a grade such as "P120" (P12 to P2500) or "CAMI 320" (CAMI 24 to CAMI 1200), or a pad, '
                .'wool, paste or compound by its name, such as "Grey non-woven pad".',
        );
    }
}
