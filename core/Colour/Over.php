<?php

declare(strict_types=1);

namespace HonestGrain\Colour;

use HonestGrain\Calibration\ColourFigures;

/** What a coat does to the colour below it (workshop): it deepens it, and an ambering one or oil warms it. */
enum Over: string
{
    case Oil = 'oil';
    case Clear = 'clear';
    case Amber = 'amber';

    /**
     * @param  list<float>  $absorption
     * @return list<float>
     */
    public function over(array $absorption, ColourFigures $figures): array
    {
        $times = $figures->coatTimes[$this->value];
        $adds = $figures->coatAdds[$this->value] ?? [0.0, 0.0, 0.0];

        return array_map(fn (float $ks, float $more): float => $times * $ks + $more, $absorption, $adds);
    }
}
