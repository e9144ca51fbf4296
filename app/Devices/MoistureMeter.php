<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\Blank;

/** Reads the moisture of wood. A real meter is one class that answers this. */
interface MoistureMeter
{
    /** @return float|null %; null where it says nothing */
    public function percent(Blank $blank): ?float;
}
