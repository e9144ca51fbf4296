<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use Closure;
use HonestGrain\Calibration\CoatFigures;
use HonestGrain\Coating\Exception\Stalled;
use HonestGrain\Coating\Internal\AirMet;
use HonestGrain\Coating\Internal\CureCurve;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;
use WeakMap;

/**
 * When a wait of reference hours is over in a shop's real air: the time where ∫ρ dt reaches the need.
 *
 * Workshop model (see Kinetics), exact over a climate of constant stretches.
 */
final class CureClock
{
    private const DAY = 86_400;

    private const GIVE_UP_DAYS = 3650;

    /** Without any progress for this long in a changing climate, a wait is taken to have stalled. */
    private const STALL_DAYS = 400;

    /** @var array<string, Climate> those of the others that have been asked for */
    private array $read = [];

    /**
     * @var array<string, array{float, int, AirMet}> by kinetics: what one day brings of a stretch whose days all go
     *     alike, as reference hours gained, seconds at a standstill, and what it meets
     */
    private array $days = [];

    /** @var array<string, CureCurve> by kinetics */
    private array $curves = [];

    /** @var WeakMap<Kinetics, CureCurve> the same, for kinetics that were asked for before */
    private WeakMap $known;

    /**
     * @param  array<string, Closure(): Climate>  $others  airs besides its own, by the name that `Kinetics` gives them;
     *     read when they are first asked for
     */
    public function __construct(
        private readonly CoatFigures $figures,
        private readonly Climate $climate,
        private readonly array $others = [],
    ) {
        $this->known = new WeakMap;
    }

    /**
     * @param  float  $needHours  reference hours at 21 °C, 50 % RH
     * @param  int  $start  second (UTC)
     *
     * @throws Stalled when the climate never lets the wait end
     */
    public function run(float $needHours, Kinetics $kinetics, int $start): CureRun
    {
        $climate = $this->climate($kinetics);
        $done = 0.0;
        $stalled = 0;
        $sinceProgress = 0;
        $met = new AirMet($kinetics, $this->figures);
        $rates = [];
        $now = $start;
        $lookFrom = $start;
        while ($done < $needHours - 1e-12) {
            $days = $now >= $lookFrom ? self::alikeDays($climate, $now) : 0;
            if ($days > 0) {
                [$aDay, $still, $metInADay] = $this->day($kinetics, $now);
                $met->meetAllOf($metInADay);
                $days = $aDay > 0 ? min($days, (int) floor(($needHours - $done) / $aDay)) : 0;
                $done += $days * $aDay;
                $stalled += $days * $still;
                $now += $days * self::DAY;
                $lookFrom = $days > 0 ? $now : $now + self::DAY;
                if ($days > 0) {
                    $sinceProgress = 0;

                    continue;
                }
            }
            $air = $climate->stretchAt($now);
            // Most days go alike: what an air does is worked out once.
            $key = "$air->tempC $air->rhPercent";
            if (! isset($rates[$key])) {
                $rates[$key] = $kinetics->rate($air->tempC, $air->rhPercent);
                $met->meet($air);
            }
            $rate = $rates[$key];
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
                    ? new Said('coating.cure-clock.below-products-least', [
                        'temp' => Quantity::celsius($air->tempC),
                        'min' => Quantity::celsius($kinetics->minC),
                    ])
                    : new Said('coating.cure-clock.rh-does-not-dry', ['rh' => Quantity::percent($air->rhPercent)]);
                $sinceProgress += ($air->until ?? $now) - $now;
                if ($air->until === null || $sinceProgress > self::STALL_DAYS * 86_400) {
                    throw Stalled::at($done, $needHours, $why);
                }
                $stalled += $air->until - $now;
            }
            $now = $air->until;
            if ($now - $start > self::GIVE_UP_DAYS * 86_400) {
                throw Stalled::at($done, $needHours, new Said('coating.cure-clock.ten-years-not-enough'));
            }
        }

        return new CureRun($start, $now, $stalled / 3600, $met->warnings());
    }

    /**
     * When a wait is over, without how it came about.
     *
     * @param  float  $needHours  reference hours at 21 °C, 50 % RH
     * @param  int  $start  second (UTC)
     * @return int second (UTC)
     *
     * @throws Stalled when the climate never lets the wait end
     */
    public function end(float $needHours, Kinetics $kinetics, int $start): int
    {
        $curve = $this->known[$kinetics] ?? null;
        if ($curve === null || $start < $curve->origin) {
            $key = serialize($kinetics);
            $curve = $this->curves[$key] ?? null;
            if ($curve === null || $start < $curve->origin) {
                $curve = $this->curves[$key] = new CureCurve($this->climate($kinetics), $kinetics, $start);
            }
            $this->known[$kinetics] = $curve;
        }

        return $curve->end($needHours, $start) ?? $this->run($needHours, $kinetics, $start)->end;
    }

    /** The air that it dries in; one that is gone is the clock's own. */
    private function climate(Kinetics $kinetics): Climate
    {
        return isset($this->others[$kinetics->air])
            ? $this->read[$kinetics->air] ??= ($this->others[$kinetics->air])() : $this->climate;
    }

    private static function alikeDays(Climate $climate, int $now): int
    {
        return $climate instanceof DailyClimate ? $climate->alikeDays($now) : 0;
    }

    /**
     * What a whole day from then on does; the same from whichever hour it is begun.
     *
     * @return array{float, int, AirMet} reference hours, seconds that it stands still, and what it meets
     */
    private function day(Kinetics $kinetics, int $from): array
    {
        $key = serialize($kinetics);
        if (isset($this->days[$key])) {
            return $this->days[$key];
        }
        $climate = $this->climate($kinetics);
        $met = new AirMet($kinetics, $this->figures);
        $done = 0.0;
        $still = 0;
        for ($now = $from; $now < $from + self::DAY; $now = $until) {
            $air = $climate->stretchAt($now);
            $until = min($air->until ?? $from + self::DAY, $from + self::DAY);
            $rate = $kinetics->rate($air->tempC, $air->rhPercent);
            $met->meet($air);
            $done += $rate * ($until - $now) / 3600;
            $still += $rate > 0 ? 0 : $until - $now;
        }

        return $this->days[$key] = [$done, $still, $met];
    }
}
