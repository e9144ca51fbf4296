<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Calibration\ClimateFigures;

/** One reading of an air: when (second, UTC), °C, % RH. */
final readonly class AirReading
{
    public function __construct(public int $at, public float $tempC, public float $rhPercent)
    {
    }

    /**
     * Why it cannot be true: "range", "jump" from the one before, or "stuck"; null where it may be.
     *
     * Workshop rules (`climate_…` in `catalogue/constants.csv`).
     *
     * @param  list<self>  $before  sound ones, in order of time
     */
    public function nonsense(ClimateFigures $figures, array $before): ?string
    {
        if (! is_finite($this->tempC) || ! is_finite($this->rhPercent) || $this->tempC < $figures->leastC
            || $this->tempC > $figures->mostC || $this->rhPercent < 0 || $this->rhPercent > 100) {
            return 'range';
        }
        $last = $before === [] ? null : $before[count($before) - 1];
        $hours = $last === null ? INF : max(0.25, ($this->at - $last->at) / 3600);
        if ($last !== null && $hours <= $figures->gapHours
            && (abs($this->tempC - $last->tempC) / $hours > $figures->jumpCPerHour
                || abs($this->rhPercent - $last->rhPercent) / $hours > $figures->jumpRhPerHour)) {
            return 'jump';
        }

        return $this->isStuck($figures, $before) ? 'stuck' : null;
    }

    /** @param  list<self>  $before */
    private function isStuck(ClimateFigures $figures, array $before): bool
    {
        for ($i = count($before) - 1; $i >= 0; $i--) {
            if ($before[$i]->tempC !== $this->tempC || $before[$i]->rhPercent !== $this->rhPercent) {
                return false;
            }
            if ($this->at - $before[$i]->at >= $figures->stuckHours * 3600) {
                return true;
            }
        }

        return false;
    }
}
