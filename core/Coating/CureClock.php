<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Calibration\CoatFigures;
use HonestGrain\Coating\Exception\Stalled;

/**
 * When a wait of reference hours is over in a shop's real air: the time where ∫ρ dt reaches the need.
 *
 * Workshop model (see Kinetics), exact over a climate of constant stretches.
 */
final readonly class CureClock
{
    private const GIVE_UP_DAYS = 3650;

    /** Without any progress for this long in a changing climate, a wait is taken to have stalled. */
    private const STALL_DAYS = 400;

    public function __construct(private CoatFigures $figures, private Climate $climate)
    {
    }

    /**
     * @param  float  $needHours  reference hours at 21 °C, 50 % RH
     * @param  int  $start  second (UTC)
     *
     * @throws Stalled when the climate never lets the wait end
     */
    public function run(float $needHours, Kinetics $kinetics, int $start): CureRun
    {
        $done = 0.0;
        $stalled = 0;
        $sinceProgress = 0;
        $warnings = [];
        $now = $start;
        while ($done < $needHours - 1e-12) {
            $air = $this->climate->stretchAt($now);
            $rate = $kinetics->rate($air->tempC, $air->rhPercent);
            $this->warn($kinetics, $air, $warnings);
            if ($rate > 0) {
                $seconds = (int) ceil(($needHours - $done) / $rate * 3600 - 1e-6);
                if ($air->until === null || $now + $seconds <= $air->until) {
                    $now += $seconds;
                    break;
                }
                $done += $rate * ($air->until - $now) / 3600;
                $sinceProgress = 0;
            } else {
                $why = $kinetics->minC !== null && $air->tempC < $kinetics->minC
                    ? sprintf('%s °C is below the product\'s least %s °C', $air->tempC, $kinetics->minC)
                    : sprintf('at %s %% RH it does not dry', $air->rhPercent);
                $sinceProgress += ($air->until ?? $now) - $now;
                if ($air->until === null || $sinceProgress > self::STALL_DAYS * 86_400) {
                    throw Stalled::at($done, $needHours, $why);
                }
                $stalled += $air->until - $now;
            }
            $now = $air->until;
            if ($now - $start > self::GIVE_UP_DAYS * 86_400) {
                throw Stalled::at($done, $needHours, 'ten years are not enough');
            }
        }

        return new CureRun($start, $now, $stalled / 3600, array_values($warnings));
    }

    /** @param  array<string, string>  $warnings */
    private function warn(Kinetics $kinetics, ClimateStretch $air, array &$warnings): void
    {
        if ($kinetics->minC !== null && $air->tempC < $kinetics->minC) {
            $warnings['cold'] ??= sprintf(
                'The shop falls to %s °C, below the product\'s least %s °C: the wait stands still there.', $air->tempC,
                $kinetics->minC,
            );
        }
        if ($kinetics->maxRhPercent !== null && $air->rhPercent > $kinetics->maxRhPercent) {
            $warnings['damp'] ??= sprintf(
                'The air reaches %s %% RH, above the product\'s limit of %s %%: the coat may blush or stay soft.',
                $air->rhPercent, $kinetics->maxRhPercent,
            );
        }
        if (DewPoint::isNear($this->figures, $air->tempC, $air->rhPercent)) {
            $warnings['dew'] ??= sprintf(
                'At %s °C and %s %% RH the wood is within %s °C of the dew point (%.1f °C): a fresh coat may blush.',
                $air->tempC, $air->rhPercent, $this->figures->dewMarginC, DewPoint::of($air->tempC, $air->rhPercent),
            );
        }
    }
}
