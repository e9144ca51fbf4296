<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Said;

/** A shop whose air has one value by day and one by night, in its own time zone. */
final readonly class DayNightClimate implements Climate
{
    private function __construct(
        private float $dayC,
        private float $dayRh,
        private float $nightC,
        private float $nightRh,
        private int $dayFromHour,
        private int $dayToHour,
        private \DateTimeZone $zone,
    ) {
    }

    /** @throws InvalidField for hours that do not make a day */
    public static function of(
        float $dayC,
        float $dayRh,
        float $nightC,
        float $nightRh,
        int $dayFromHour,
        int $dayToHour,
        \DateTimeZone $zone,
    ): self {
        if ($dayFromHour < 0 || $dayToHour > 24 || $dayFromHour >= $dayToHour) {
            throw InvalidField::because(
                'climate.day', "{$dayFromHour} to {$dayToHour}", new Said(
                    'coating.day-night-climate.day-runs-from-hour',
                ),
            );
        }

        return new self(
            dayC: $dayC, dayRh: $dayRh, nightC: $nightC, nightRh: $nightRh, dayFromHour: $dayFromHour,
            dayToHour: $dayToHour, zone: $zone,
        );
    }

    public function stretchAt(int $second): ClimateStretch
    {
        $offset = $this->zone->getOffset(new \DateTimeImmutable("@$second"));
        $inDay = ($second + $offset) % 86_400;
        $midnight = $second - $inDay;
        [$from, $to] = [$this->dayFromHour * 3600, $this->dayToHour * 3600];

        return match (true) {
            $inDay < $from => new ClimateStretch($this->nightC, $this->nightRh, $midnight + $from),
            $inDay < $to => new ClimateStretch($this->dayC, $this->dayRh, $midnight + $to),
            default => new ClimateStretch($this->nightC, $this->nightRh, $midnight + 86_400 + $from),
        };
    }

    /** How warm it is on the whole, °C. */
    public function meanC(): float
    {
        $hours = $this->dayToHour - $this->dayFromHour;

        return ($hours * $this->dayC + (24 - $hours) * $this->nightC) / 24;
    }
}
