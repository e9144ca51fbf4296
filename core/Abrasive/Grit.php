<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

/**
 * An abrasive grade: its name with its scale, and the size of its grain in µm.
 *
 * Published: FEPA 43 / ISO 6344 for P grades, ANSI B74 for CAMI.
 */
final readonly class Grit
{
    public function __construct(public string $name, public Scale $scale, public float $micron, public string $source)
    {
    }
}
