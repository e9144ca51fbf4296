<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Calibration\CoatFigures;
use HonestGrain\Coating\Coating;
use HonestGrain\Words\Said;

/**
 * How the last coat is buffed or rubbed, and so how hard it must be: days for a cloth, a pad, wool or paste by hand,
 * weeks for a wheel.
 */
enum BuffWith: string
{
    case Hand = 'hand';
    case Wheel = 'wheel';
    case Pad = 'pad';
    case Wool = 'steel-wool';
    case Paste = 'paste';

    public function label(): Said
    {
        return new Said("piece.buff-with.how.$this->value");
    }

    /** What the maker does, for a step's title. */
    public function action(): Said
    {
        return new Said(
            $this === self::Hand || $this === self::Wheel ? 'piece.buff-with.buff' : 'piece.buff-with.rub',
            ['how' => $this->label()],
        );
    }

    /** Whether the whole piece is held to it, so that the foot is done with the rest. */
    public function isOffTheLathe(): bool
    {
        return $this === self::Wheel;
    }

    /** Reference hours the coat must have had. */
    public function afterHours(Coating $last): float
    {
        $needs = $this === self::Wheel || $last->isWax() ? null : $last->waxAfterHours;

        return max($needs ?? $last->buffableHours, $last->recoatFromHours);
    }

    /** Hands-on minutes for 100 cm². */
    public function minutesPer100Cm2(CoatFigures $figures): float
    {
        return $this === self::Wheel ? $figures->wheelMinutesPer100Cm2 : $figures->clothMinutesPer100Cm2;
    }
}
