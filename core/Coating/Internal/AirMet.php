<?php

declare(strict_types=1);

namespace HonestGrain\Coating\Internal;

use HonestGrain\Calibration\CoatFigures;
use HonestGrain\Coating\ClimateStretch;
use HonestGrain\Coating\DewPoint;
use HonestGrain\Coating\Kinetics;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * The worst that a wait meets of its air: the coldest and the dampest that its product does not stand, and the nearest
 * to the dew point.
 *
 * @internal
 */
final class AirMet
{
    private ?ClimateStretch $coldest = null;

    private ?ClimateStretch $dampest = null;

    private ?ClimateStretch $nearDew = null;

    public function __construct(private readonly Kinetics $kinetics, private readonly CoatFigures $figures)
    {
    }

    public function meet(ClimateStretch $air): void
    {
        if ($air->tempC < min($this->kinetics->minC ?? -INF, $this->coldest->tempC ?? INF)) {
            $this->coldest = $air;
        }
        if ($air->rhPercent > max($this->kinetics->maxRhPercent ?? INF, $this->dampest->rhPercent ?? -INF)) {
            $this->dampest = $air;
        }
        if (DewPoint::isNear($this->figures, $air->tempC, $air->rhPercent)
            && ($this->nearDew === null || self::aboveDewC($air) < self::aboveDewC($this->nearDew))) {
            $this->nearDew = $air;
        }
    }

    /** And all that another met. */
    public function meetAllOf(self $other): void
    {
        foreach ([$other->coldest, $other->dampest, $other->nearDew] as $air) {
            if ($air !== null) {
                $this->meet($air);
            }
        }
    }

    /** @return list<Said> */
    public function warnings(): array
    {
        return array_values(array_filter([
            $this->coldest === null ? null : new Said('coating.cure-clock.shop-falls-below-products', [
                'temp' => Quantity::celsius($this->coldest->tempC),
                'min' => Quantity::celsius($this->kinetics->minC ?? 0.0),
            ]),
            $this->dampest === null ? null : new Said('coating.cure-clock.air-reaches-rh-above', [
                'rh' => Quantity::percent($this->dampest->rhPercent),
                'maxRh' => Quantity::percent($this->kinetics->maxRhPercent ?? 0.0),
            ]),
            $this->nearDew === null ? null : new Said('coating.cure-clock.rh-wood-within-dew', [
                'temp' => Quantity::celsius($this->nearDew->tempC),
                'rh' => Quantity::percent($this->nearDew->rhPercent),
                'dewMargin' => Quantity::celsius($this->figures->dewMarginC),
                'of' => Quantity::celsius(DewPoint::of($this->nearDew->tempC, $this->nearDew->rhPercent)),
            ]),
        ]));
    }

    private static function aboveDewC(ClimateStretch $air): float
    {
        return $air->tempC - DewPoint::of($air->tempC, $air->rhPercent);
    }
}
