<?php

declare(strict_types=1);

namespace HonestGrain\Mending;

use HonestGrain\Route\Look;
use HonestGrain\Route\LookAnswer;

/** What is wrong where a look shows it all over; what is seen at a place is put right by hand at once. */
final class Sought
{
    public static function by(Look $look, LookAnswer $saw): ?FaultKind
    {
        return $saw !== LookAnswer::All ? null : match ($look) {
            Look::RakingLight, Look::Alcohol => FaultKind::Scratches,
            Look::Touch => FaultKind::Nibs,
            Look::Sheen => FaultKind::Streaks,
            Look::Ring => FaultKind::Crack,
            Look::Lamp, Look::Weight => null,
        };
    }
}
