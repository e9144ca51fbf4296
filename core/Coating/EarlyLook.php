<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Calibration\CoatFigures;

/** How a coat was found when its wait was not over. */
enum EarlyLook: string
{
    case Hard = 'hard';
    case Smells = 'smells';
    case Prints = 'prints';

    /**
     * So much longer the next wait is for it, hours: what had not left yet is shut in, and leaves more slowly.
     *
     * Workshop model.
     *
     * @param  float  $missedHours  of the wait that was not had
     */
    public function laterHours(float $missedHours, CoatFigures $figures): float
    {
        return $missedHours * match ($this) {
            self::Hard => 0.0,
            self::Smells => $figures->earlySmellsWaits,
            self::Prints => $figures->earlyPrintsWaits,
        };
    }
}
