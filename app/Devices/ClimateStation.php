<?php

declare(strict_types=1);

namespace App\Devices;

/** Reads temperature and humidity of an air. A real station is one class that answers this. */
interface ClimateStation
{
    /** @return array{float, float}|null °C and % RH; null where it says nothing */
    public function read(int $second): ?array;
}
