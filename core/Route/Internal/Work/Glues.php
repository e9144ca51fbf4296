<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Piece\JointGlue;
use HonestGrain\Safety\Hazard;

/**
 * What a glue may hurt.
 *
 * @internal
 */
final class Glues
{
    /** @return list<Hazard> */
    public static function hazards(JointGlue $glue): array
    {
        return match ($glue) {
            JointGlue::Wood => [],
            JointGlue::Epoxy => [Hazard::TwoPart],
            JointGlue::Ca => [Hazard::Cyanoacrylate],
        };
    }
}
