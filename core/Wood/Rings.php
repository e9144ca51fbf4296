<?php

declare(strict_types=1);

namespace HonestGrain\Wood;

use HonestGrain\Words\Said;

/** How the rings lie in wood of side grain, as its end shows: along its face, square to it, or between. */
enum Rings: string
{
    case FlatSawn = 'flat-sawn';
    case QuarterSawn = 'quarter-sawn';
    case Between = 'between';

    public function label(): Said
    {
        return new Said("wood.rings.$this->value");
    }

    /** How much side grain shrinks across its grain from wet to oven dry, %; null where nobody published it. */
    public function shrinkagePercent(WoodFigures $figures): ?float
    {
        [$tangential, $radial] = [$figures->tangentialPercent, $figures->radialPercent];

        return $tangential === null || $radial === null ? $tangential : match ($this) {
            self::FlatSawn => $tangential,
            self::QuarterSawn => $radial,
            self::Between => ($tangential + $radial) / 2,
        };
    }
}
