<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Words\Said;

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

    /** A grade by its name, which is the same in every language; what nobody grades by a line of the language. */
    public function said(): Said
    {
        $key = trim((string) preg_replace('/[^a-z0-9]+/', '-', strtolower($this->name)), '-');

        return $this->kind === null ? Said::name($this->name)
            : (new Said("abrasive.named.$key"))->keptAs($this->name);
    }

    /** Where its size is from. */
    public function cited(): Said
    {
        return $this->kind === null
            ? new Said('abrasive.published', ['source' => $this->source]) : Said::name($this->source);
    }
}
