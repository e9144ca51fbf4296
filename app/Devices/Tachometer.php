<?php

declare(strict_types=1);

namespace App\Devices;

/** Reads how fast the lathe turns. A real one is one class that answers this. */
interface Tachometer
{
    /** @return float|null rpm; null where it says nothing */
    public function rpm(): ?float;
}
