<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Decoration;

use HonestGrain\Calibration\MarkRates;
use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\Decoration;
use HonestGrain\Technique\Drawn;
use HonestGrain\Technique\Ground;
use HonestGrain\Technique\Grounds;
use HonestGrain\Technique\Nature;
use HonestGrain\Technique\Work;

/** Grooves along the wall, evenly divided. */
final readonly class Flutes implements Decoration
{
    public function key(): string
    {
        return 'flutes';
    }

    public function label(): string
    {
        return 'Flutes';
    }

    public function character(): Character
    {
        return Grounds::cut(Work::Locked)->hurts(Hazard::SpinningCutter, Hazard::Dust)->dusty();
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
        return $rates->ofBand($this->key(), $ground->areaMm2);
    }

    public function waitHours(MarkRates $rates): float
    {
        return 0.0;
    }

    public function nature(): Nature
    {
        return Nature::Cuts;
    }

    public function hold(string $mounted): string
    {
        return "$mounted, locked by the index";
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
