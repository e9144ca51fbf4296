<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** When what the wood has not drunk is wiped off, minutes after it was laid on. */
final readonly class WipeWindow
{
    public function __construct(public float $afterMinutes, public float $untilMinutes)
    {
    }

    /** What to do with it, in a sentence; a wax is rubbed off when it hazes, an oil is flooded on. */
    public function inWords(bool $isWax): Said
    {
        return new Said($isWax ? 'coating.wipe-window.wax' : 'coating.wipe-window.oil', [
            'from' => self::time($this->afterMinutes), 'until' => self::time($this->untilMinutes),
        ]);
    }

    private static function time(float $minutes): Quantity
    {
        return $minutes < 120 ? Quantity::minutes(round($minutes)) : Quantity::hours(round($minutes / 60, 1));
    }
}
