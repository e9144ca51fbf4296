<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

/** When what the wood has not drunk is wiped off, minutes after it was laid on. */
final readonly class WipeWindow
{
    public function __construct(public float $afterMinutes, public float $untilMinutes)
    {
    }

    /** What to do with it, in a sentence; a wax is rubbed off when it hazes, an oil is flooded on. */
    public function inWords(bool $isWax): string
    {
        return sprintf(
            $isWax ? 'Lay it on thin; rub the haze off from %s on, and before %s are over.'
                : 'Lay it on wet; wipe every trace off from %s on, and before %s are over.',
            self::time($this->afterMinutes), self::time($this->untilMinutes),
        );
    }

    private static function time(float $minutes): string
    {
        return $minutes < 120 ? sprintf('%s min', round($minutes)) : sprintf('%s h', round($minutes / 60, 1));
    }
}
