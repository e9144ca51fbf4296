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

/** Small hollows cut close together. */
final readonly class Dimples implements Decoration
{
    public function key(): string
    {
        return 'dimples';
    }

    public function label(): string
    {
        return 'Dimples';
    }

    public function character(): Character
    {
        return Grounds::cut(Work::Locked)->hurts(Hazard::SpinningCutter, Hazard::Dust)->dusty();
    }

    public function action(): string
    {
        return 'Cut the dimples';
    }

    public function because(): string
    {
        return 'A texture is not sanded afterwards, so its ground is finished first.';
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
        return "$mounted, locked, or in a padded cradle";
    }

    public function drawn(): Drawn
    {
        return Drawn::Ripples;
    }

    public function ink(): string
    {
        return '#1c120a';
    }
}
