<?php

declare(strict_types=1);

namespace HonestGrain\Colour;

use HonestGrain\Calibration\ColourFigures;
use HonestGrain\Colour\Exception\TooThin;

/** How far a flame takes wood (workshop): absorption added by channel, more where end grain shows. */
enum Scorch: string
{
    case Straw = 'straw';
    case Toast = 'toast';
    case Brown = 'brown';
    case Black = 'black';
    case Cracked = 'cracked';

    public function minutesPer100Cm2(ColourFigures $figures): float
    {
        return $figures->scorchMinutesPer100Cm2[$this->value];
    }

    public function leastWallMm(ColourFigures $figures): float
    {
        return $this === self::Cracked ? $figures->scorchCrackedLeastWallMm : $figures->scorchLeastWallMm;
    }

    /** Black and cracked wood sheds char until it is brushed. */
    public function leavesLooseChar(): bool
    {
        return $this === self::Black || $this === self::Cracked;
    }

    /** @throws TooThin for a wall that the flame would crack */
    public function check(float $wallMm, ColourFigures $figures): void
    {
        $least = $this->leastWallMm($figures);
        if ($wallMm < $least) {
            throw TooThin::forScorch($wallMm, $this->value, $least);
        }
    }

    /** @param  float  $endGrain  share of end grain, 0 to 1 */
    public function on(Rgb $wood, float $endGrain, ColourFigures $figures): Rgb
    {
        $depth = $figures->scorchDepth[$this->value] * (1 + $endGrain);

        return Rgb::absorbing(array_map(
            fn (float $ks, float $channel): float => $ks + $depth * $channel, $wood->absorption(),
            $figures->scorchByChannel,
        ));
    }
}
