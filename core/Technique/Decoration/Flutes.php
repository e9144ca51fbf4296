<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Decoration;

use HonestGrain\Calibration\MarkRates;
use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Drawn;
use HonestGrain\Technique\Ground;
use HonestGrain\Technique\Nature;
use HonestGrain\Technique\Technique;

/** Grooves cut along the band with the lathe locked. */
final readonly class Flutes implements Technique
{
    public function key(): string
    {
        return 'flutes';
    }

    public function label(): string
    {
        return 'Flutes';
    }

    public function action(): string
    {
        return 'Carve the flutes';
    }

    public function because(): string
    {
        return 'On a sanded ground, before fire and colour, which they would cut through.';
    }

    public function minutes(Ground $ground, MarkRates $rates): float
    {
        return $rates->flutesMinutes;
    }

    public function waitHours(MarkRates $rates): float
    {
        return 0.0;
    }

    public function nature(): Nature
    {
        return Nature::Cuts;
    }

    public function needs(): array
    {
        return ['turner' => 1, 'lathe' => 1];
    }

    public function hold(string $mounted): string
    {
        return "$mounted, locked by the index";
    }

    public function hazards(): array
    {
        return [Hazard::SpinningCutter, Hazard::Dust];
    }

    public function drawn(): Drawn
    {
        return Drawn::Upright;
    }

    public function ink(): string
    {
        return '#1c120a';
    }
}
