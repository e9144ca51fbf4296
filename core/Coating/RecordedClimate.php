<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Calibration\ClimateFigures;

/**
 * An air as it was recorded, each reading holding until the next, and after the last as its days usually go: for each
 * hour of the day the mean of recent days, or the setting where an hour was never read. A gap in the record is filled
 * so where it is shown, and nowhere else. What the maker means to do ("warm it to 18 °C until Friday") stands over all
 * that is still to come.
 *
 * Workshop model of what is to come; the record is what was read.
 */
final class RecordedClimate implements DailyClimate
{
    private const HOUR = 3600;

    private const DAY = 86_400;

    private const LOOKS_AHEAD_DAYS = [30, 7, 1];

    /** @var array<int, array{float, float}> hour of the day => °C, % RH */
    public readonly array $profile;

    /** From then on nothing was read and nothing is warmed. */
    private readonly int $onlyUsualFrom;

    /** @var array<int, int|null> by day since 1970 */
    private array $offsets = [];

    /**
     * @param  list<AirReading>  $readings  sound ones, in order of time
     * @param  list<array{int, int, float}>  $warmed  from, until (seconds, UTC), °C; the later ones hold
     */
    public function __construct(
        private readonly ClimateFigures $figures,
        private readonly array $readings,
        private readonly Climate $setting,
        private readonly \DateTimeZone $zone,
        private readonly array $warmed = [],
    ) {
        $this->profile = $this->profile();
        $last = $readings === []
            ? PHP_INT_MAX : $readings[count($readings) - 1]->at + (int) ($figures->gapHours * self::HOUR);
        $this->onlyUsualFrom = max($last, ...array_map(fn (array $one): int => $one[1], $warmed), ...[0]);
    }

    public function stretchAt(int $second): ClimateStretch
    {
        if ($second >= $this->onlyUsualFrom) {
            [$hour, $ends] = $this->hour($second);
            if (isset($this->profile[$hour])) {
                return new ClimateStretch(...$this->profile[$hour], until: $ends);
            }
        }
        $air = $this->recorded($second) ?? $this->usual($second);
        foreach (array_reverse($this->warmed) as [$from, $until, $tempC]) {
            if ($second < $from) {
                $air = new ClimateStretch($air->tempC, $air->rhPercent, min($air->until ?? $from, $from));
            } elseif ($second < $until) {
                return new ClimateStretch(
                    $tempC, self::warmedRh($air, $tempC), min($air->until ?? $until, $until),
                );
            }
        }

        return $air;
    }

    public function alikeDays(int $second): int
    {
        if ($second < $this->onlyUsualFrom || count($this->profile) < 24) {
            return 0;
        }
        $at = fn (int $second): int => $this->zone->getOffset(new \DateTimeImmutable("@$second"));
        foreach (self::LOOKS_AHEAD_DAYS as $days) {
            // Clocks change twice a year, never twice within these days.
            if ($at($second + $days * self::DAY) === $at($second)) {
                return $days;
            }
        }

        return 0;
    }

    /** What is shown for a second: the record, and where an hour is missing in it the usual course of a day. */
    public function shownAt(int $second): ClimateStretch
    {
        return $this->isRecorded($second) || $second >= $this->onlyUsualFrom || $this->readings === []
            || $second < $this->readings[0]->at ? $this->stretchAt($second) : $this->usual($second);
    }

    /** Whether the record, and not the usual course of a day, says what the air was. */
    public function isRecorded(int $second): bool
    {
        $i = $this->before($second);

        return $i !== null
            && $second < $this->readings[$i]->at + (int) ($this->figures->gapHours * self::HOUR);
    }

    private function recorded(int $second): ?ClimateStretch
    {
        $i = $this->before($second);
        if ($i === null) {
            return null;
        }
        $reading = $this->readings[$i];
        $ends = $this->readings[$i + 1]->at ?? $reading->at + (int) ($this->figures->gapHours * self::HOUR);

        return $second < $ends ? new ClimateStretch($reading->tempC, $reading->rhPercent, $ends) : null;
    }

    private function usual(int $second): ClimateStretch
    {
        $next = $this->next($second);
        [$hour, $ends] = $this->profile === [] ? [0, null] : $this->hour($second);
        if (isset($this->profile[$hour])) {
            return new ClimateStretch(...$this->profile[$hour], until: min($ends, $next ?? $ends));
        }
        $air = $this->setting->stretchAt($second);
        [$tempC, $rh] = [$air->tempC, $air->rhPercent];
        $until = $ends === null ? $air->until : min($ends, $air->until ?? $ends);

        return new ClimateStretch($tempC, $rh, $next === null ? $until : min($next, $until ?? $next));
    }

    /** @return array{int, int} hour of the day there, and the second at which it ends */
    private function hour(int $second): array
    {
        $day = intdiv($second, self::DAY);
        $offset = $this->offsets[$day] ??= $this->offset($day);
        $there = $second + ($offset ?? $this->zone->getOffset(new \DateTimeImmutable("@$second")));

        return [intdiv(($there % self::DAY + self::DAY) % self::DAY, self::HOUR), $second - $there % self::HOUR
            + self::HOUR];
    }

    /** How far its clock is ahead all that day of UTC; null on a day when that changes. */
    private function offset(int $day): ?int
    {
        $at = fn (int $second): int => $this->zone->getOffset(new \DateTimeImmutable("@$second"));
        $first = $at($day * self::DAY);

        return $at(($day + 1) * self::DAY) === $first ? $first : null;
    }

    /** The last reading at or before a second. */
    private function before(int $second): ?int
    {
        [$low, $high] = [-1, count($this->readings) - 1];
        if ($high >= 0 && $second >= $this->readings[$high]->at) {
            return $high;
        }
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            if ($this->readings[$middle]->at <= $second) {
                $low = $middle;
            } else {
                $high = $middle - 1;
            }
        }

        return $low < 0 ? null : $low;
    }

    private function next(int $second): ?int
    {
        $i = $this->before($second);

        return ($this->readings[($i ?? -1) + 1] ?? null)?->at;
    }

    /** @return array<int, array{float, float}> */
    private function profile(): array
    {
        if ($this->readings === []) {
            return [];
        }
        $from = $this->readings[count($this->readings) - 1]->at - $this->figures->profileDays * self::DAY;
        $sums = [];
        for ($i = count($this->readings) - 1; $i >= 0 && $this->readings[$i]->at >= $from; $i--) {
            [$hour] = $this->hour($this->readings[$i]->at);
            $sums[$hour][0] = ($sums[$hour][0] ?? 0.0) + $this->readings[$i]->tempC;
            $sums[$hour][1] = ($sums[$hour][1] ?? 0.0) + $this->readings[$i]->rhPercent;
            $sums[$hour][2] = ($sums[$hour][2] ?? 0) + 1;
        }

        return array_map(fn (array $sum): array => [$sum[0] / $sum[2], $sum[1] / $sum[2]], $sums);
    }

    /** Air that is warmed holds the same water: its dew point stays. */
    private static function warmedRh(ClimateStretch $air, float $tempC): float
    {
        return DewPoint::rhPercent(DewPoint::of($air->tempC, $air->rhPercent), $tempC);
    }
}
