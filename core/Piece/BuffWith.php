<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Calibration\CoatFigures;
use HonestGrain\Coating\Coating;

/** How the last coat is buffed, and so how hard it must be: days for a cloth by hand, weeks for a wheel. */
enum BuffWith: string
{
    case Hand = 'hand';
    case Wheel = 'wheel';

    public function label(): string
    {
        return match ($this) {
            self::Hand => 'by hand with a soft cloth',
            self::Wheel => 'on the wheel with compound',
        };
    }

    /** Reference hours the coat must have had. */
    public function afterHours(Coating $last): float
    {
        $needs = $this === self::Hand && ! $last->isWax() ? $last->waxAfterHours : null;

        return max($needs ?? $last->buffableHours, $last->recoatFromHours);
    }

    /** Hands-on minutes for 100 cm². */
    public function minutesPer100Cm2(CoatFigures $figures): float
    {
        return $this === self::Hand ? $figures->clothMinutesPer100Cm2 : $figures->wheelMinutesPer100Cm2;
    }
}
