<?php

declare(strict_types=1);

namespace App\Models\Kept;

/** A stretch for which an air is kept at a temperature. */
final readonly class Warmed implements Kept
{
    /**
     * @param  int  $from  seconds since the epoch
     * @param  int  $until  the same
     * @param  float  $tempC  °C
     */
    public function __construct(public int $from, public int $until, public float $tempC)
    {
    }

    /** @return array{int, int, float} as a climate reads it */
    public function stretch(): array
    {
        return [$this->from, $this->until, $this->tempC];
    }

    public static function read(array $kept): self
    {
        [$from, $until, $tempC] = array_values($kept) + [0, 0, 0.0];

        return new self((int) $from, (int) $until, (float) $tempC);
    }

    public function toArray(): array
    {
        return $this->stretch();
    }
}
