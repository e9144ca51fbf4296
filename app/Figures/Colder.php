<?php

declare(strict_types=1);

namespace App\Figures;

/** An air that is colder than the plan counted on at this hour, and what waits in it. */
final readonly class Colder
{
    /**
     * @param  int  $coats  that wait there now
     * @param  float  $times  so many times as long the slowest of them takes while it stays so
     */
    public function __construct(
        public int $airId,
        public string $air,
        public float $readC,
        public float $plannedC,
        public int $coats,
        public float $times,
    ) {
    }
}
