<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Holding\Holds;
use HonestGrain\Holding\HoldStage;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\School;
use HonestGrain\Piece\School\Tail;
use HonestGrain\Piece\Tables;
use HonestGrain\Piece\Workpieces;

/** What holds a part of a piece at a stage in this shop. */
final class PartHolds
{
    /** @param  bool  $isDried  whether it was wet, and has dried since it was roughed out */
    public static function at(
        HoldStage $stage, Piece $piece, Part $part, Bench $bench, Tables $tables, bool $isDried = false,
    ): Holds {
        return Holds::of((new Workpieces(
            part: $part, calibration: $tables->calibration, isWet: ! $isDried && $bench->isWet($part->moisturePercent),
            hasPartner: $piece->isFitted($part), stock: $piece->stockOf($part),
            isTailEarly: School::of($piece->school, $bench->school)->tail === Tail::Early,
        ))->at($stage), $bench->equipment, $tables->lathe->holds, $tables->calibration);
    }
}
