<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\Blank;

/** Reads the weight of what lies on it. A real scale is one class that answers this. */
interface Scale
{
    /** @return float|null g; null where it says nothing */
    public function grams(Blank $blank): ?float;
}
