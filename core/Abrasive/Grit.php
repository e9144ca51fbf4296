<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

/**
 * An abrasive: its name with its scale, and the size of the grain whose scratch it leaves, µm.
 *
 * Published: FEPA 43 / ISO 6344 for P grades, ANSI B74 for CAMI. Workshop: what nobody grades.
 */
final readonly class Grit
{
    /** Size of the grain that it goes on with, µm: larger than what it leaves where it breaks down, as paste does. */
    public float $startsAtMicron;

    /**
     * @param  float|null  $minutesPer100Cm2  what it takes over a surface, where that is not a matter of wood removed
     * @param  MediumKind|null  $kind  null for graded sheets
     */
    public function __construct(
        public string $name,
        public Scale $scale,
        public float $micron,
        public string $source,
        public ?MediumKind $kind = null,
        ?float $startsAtMicron = null,
        public ?float $minutesPer100Cm2 = null,
    ) {
        $this->startsAtMicron = $startsAtMicron ?? $micron;
    }
}
