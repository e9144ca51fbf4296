<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

use HonestGrain\Calibration\SpeedFigures;
use HonestGrain\Lathework\Speed;

/** What about its wood says how fast a rim may go. */
enum RimState: string
{
    case Sound = 'sound';
    case Unbalanced = 'unbalanced';
    case Bark = 'bark';
    case Flawed = 'flawed';

    /** Workshop caps. */
    public function mPerS(SpeedFigures $figures): float
    {
        return match ($this) {
            self::Sound => $figures->rimMPerS,
            self::Unbalanced => $figures->unbalancedRimMPerS,
            self::Bark => $figures->barkRimMPerS,
            self::Flawed => $figures->flawedRimMPerS,
        };
    }

    /** What a rim of that diameter may do, however it is held. */
    public function speed(SpeedFigures $figures, float $diameterMm): Speed
    {
        return Speed::rim($diameterMm, $this->mPerS($figures), "$this->value-rim");
    }
}
