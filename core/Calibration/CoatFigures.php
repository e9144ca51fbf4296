<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** What laying a coat takes, and how much of it. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class CoatFigures
{
    private function __construct(
        public float $endGrainDrinks,
        public float $sprayLoses,
        public float $setupMinutes,
        public float $denibMinutesPer100Cm2,
        public float $dampMinutesPer100Cm2,
        public float $knockBackMinutesPer100Cm2,
        public float $oilyWoodSlows,
    ) {
    }

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public static function from(\Closure $value): self
    {
        return new self(
            endGrainDrinks: $value('coat_end_grain_drinks'),
            sprayLoses: $value('coat_spray_loses'),
            setupMinutes: $value('coat_setup_minutes'),
            denibMinutesPer100Cm2: $value('coat_denib_minutes_per_100cm2'),
            dampMinutesPer100Cm2: $value('coat_damp_minutes_per_100cm2'),
            knockBackMinutesPer100Cm2: $value('coat_knock_back_minutes_per_100cm2'),
            oilyWoodSlows: $value('coat_oily_wood_slows'),
        );
    }
}
