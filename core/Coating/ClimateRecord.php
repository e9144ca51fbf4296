<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Said;

/** Readings of a shop's air: each holds until the next, the last holds on, the first reaches back. */
final readonly class ClimateRecord implements Climate
{
    /** @param  non-empty-list<array{int, float, float}>  $readings second, °C, % RH, in order of time */
    private function __construct(private array $readings)
    {
    }

    /**
     * @param  list<array{int, float, float}>  $readings  second (UTC), °C, % RH
     *
     * @throws InvalidField when there are none, or they are out of order
     */
    public static function of(array $readings, string $field = 'climate'): self
    {
        if ($readings === []) {
            throw InvalidField::because($field, $readings, new Said('coating.climate-record.takes-least-one-reading'));
        }
        foreach ($readings as $i => $reading) {
            if ($i > 0 && $reading[0] <= $readings[$i - 1][0]) {
                throw InvalidField::because(
                    "$field.$i.at", gmdate('Y-m-d\TH:i:s\Z', $reading[0]),
                    new Said('coating.climate-record.readings-must-order-time'),
                );
            }
        }

        return new self($readings);
    }

    public function stretchAt(int $second): ClimateStretch
    {
        $low = 0;
        $high = count($this->readings) - 1;
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            if ($this->readings[$middle][0] <= $second) {
                $low = $middle;
            } else {
                $high = $middle - 1;
            }
        }
        [, $tempC, $rh] = $this->readings[$low];

        return new ClimateStretch($tempC, $rh, $this->readings[$low + 1][0] ?? null);
    }
}
