<?php

declare(strict_types=1);

namespace HonestGrain\Reading;

/**
 * Lengths as they are read: to a tenth of a millimetre or a hundredth of an inch. A length that was shown as the most
 * must be taken when it is typed as it was shown.
 */
final class Shown
{
    /** Half a hundredth of an inch, the coarsest that a limit is shown to. */
    public const LENGTH_MM = 0.128;

    /** Whether a typed length is no more than a limit, as both are read. */
    public static function isWithin(float $lengthMm, float $limitMm): bool
    {
        return $lengthMm <= $limitMm + self::LENGTH_MM;
    }
}
